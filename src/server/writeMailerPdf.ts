import type { CardFile } from '../core/plan/cardFile';
import type { Library } from '../core/plan/library';
import type { Page } from '../core/drawing/shape';
import { mailerPage } from '../core/post/mailerPage';
import { postPlan } from '../core/post/postPlan';
import { resolvePlan } from '../core/resolve/resolvePlan';
import { RefusalError } from './respond';
import { writeOnSheet, type JigPage } from './writeJigPdf';

interface MailerInput {
  readonly file: Pick<CardFile, 'plan'>;
  readonly library: Library;
}

/**
 * The blank of what a card is put in that is made to its measure.
 * @throws RefusalError 422 where its envelope is bought
 */
export function mailerOf({ file: { plan }, library }: MailerInput): Page {
  const { chosen } = postPlan(plan, resolvePlan(plan, library), library, []).envelopes;
  const made = chosen?.envelope.made;
  if (!made)
    throw new RefusalError(422, {
      message: 'This card goes in an envelope that is bought, so there is no template of one.',
      hint: 'On Post, choose an envelope or a box made to measure.',
    });
  return mailerPage(made, plan.about.title);
}

/**
 * The same as a PDF at 1:1, turned where it fits only lying.
 * @throws RefusalError 422 when it is larger than the sheet
 */
export async function writeMailerPdf(
  input: MailerInput,
  page: JigPage,
): Promise<Uint8Array<ArrayBuffer>> {
  return writeOnSheet(mailerOf(input), page, { of: 'blank', file: 'template' });
}
