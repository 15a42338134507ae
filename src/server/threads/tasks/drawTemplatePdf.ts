import { templatePage, type Template } from '../../../core/cutting/templatePage';
import { writePdf } from '../../writePdf';
import type { ThreadWork } from '../threadMeans';

export interface TemplateTask {
  readonly template: Template;
  readonly title: string;
}

/** Writes a cutting template as a PDF whose page is the sheet, so that it prints at 1:1 on paper of that size. */
export const drawTemplatePdf: ThreadWork = async (input) => {
  const { template, title } = input as TemplateTask;
  return writePdf(templatePage(template, title));
};
