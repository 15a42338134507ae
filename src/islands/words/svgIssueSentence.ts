import type { SvgIssue } from '../../core/composition/readSvgOutline';

/** What is wrong with a drawing, and how to mend it. */
export function svgIssueSentence(issue: SvgIssue): string {
  switch (issue.code) {
    case 'too-large':
      return 'The file is larger than a megabyte. Simplify the drawing, and leave pictures out of it.';
    case 'no-svg':
      return 'This is no SVG drawing. Save it as plain SVG.';
    case 'broken':
      return `The file is broken at line ${issue.line}: ${issue.reason} Save it anew.`;
    case 'entities':
      return 'The file has a document type or entities, which are not read. Save it as plain SVG.';
    case 'script':
      return 'The file has a script in it, which is not let in. Save it as plain SVG.';
    case 'external':
      return 'The file refers to something else, or holds a picture. Turn everything in it to paths, and save it as plain SVG.';
    case 'bad-path':
      return `One of its paths cannot be read: ${issue.reason.replace(/^SvgPath: /, '')}. Save it anew.`;
    case 'no-outline':
      return 'There is no closed outline in it. Turn strokes and text to paths first.';
    case 'too-detailed':
      return 'The outline has more points than a die could cut. Simplify it.';
    default:
      throw new TypeError(`svgIssueSentence: unknown ${JSON.stringify(issue satisfies never)}`);
  }
}
