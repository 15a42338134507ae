import type { SvgIssue } from '../../core/svg/svgIssue';

/** What is wrong with a drawing, and how to mend it. */
export function svgIssueSentence(issue: SvgIssue): string {
  switch (issue.code) {
    case 'too-large':
      return 'The file is larger than a megabyte. Simplify the drawing, and leave pictures out of it.';
    case 'no-svg':
      return 'This is no SVG drawing. Save it as plain SVG.';
    case 'broken':
      return `The file is broken at line ${issue.line}: an element there is not closed, or a sign stands where none may. Save it anew.`;
    case 'entities':
      return 'The file defines entities, which are not read. Save it as plain SVG.';
    case 'script':
      return 'The file has a script in it, which is not let in. Save it as plain SVG.';
    case 'external':
      return 'The file refers to something else, or holds a picture. Turn everything in it to paths, and save it as plain SVG.';
    case 'bad-path':
      return `The path that begins “${issue.beginning}” cannot be read from its ${issue.at}. sign on. Draw that path anew, or save the file anew.`;
    case 'no-outline':
      return 'There is nothing in it that could be cut or printed. Turn text to paths first.';
    case 'too-detailed':
      return 'The outline has more points than a die could cut. Simplify it.';
    default:
      throw new TypeError(`svgIssueSentence: unknown ${JSON.stringify(issue satisfies never)}`);
  }
}
