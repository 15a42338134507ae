import type { Template } from '../../../core/drawing/layoutDrawing';
import { writeTemplatePdf } from '../../writeTemplatePdf';
import type { ThreadWork } from '../threadMeans';

export interface TemplateTask {
  readonly template: Template;
  readonly title: string;
}

/** Writes a cutting template as a PDF. */
export const drawTemplatePdf: ThreadWork = async (input) => {
  const { template, title } = input as TemplateTask;
  return writeTemplatePdf(template, title);
};
