import type { APIRoute } from 'astro';
import { answerFile, endpoint, ProblemError } from '../../../../server/answer';
import { cardExporters } from '../../../../server/cardExporters';
import { database } from '../../../../server/database';
import { exportCard, libraryOf } from '../../../../server/exportCard';
import { requireCard } from '../../../../server/requireCard';

/** The card as a file: `card.nibwright.json`, `sheet.md`, `cuts.csv`; `?unit=mm` leads with millimetres. */
export const GET: APIRoute = endpoint(async ({ params, url }) => {
  const db = await database();
  const card = await requireCard(db, params['id']);
  const exporter = cardExporters.find(({ file }) => file === params['file']);
  if (!exporter) {
    const files = cardExporters.map(({ file }) => file).join(', ');
    throw new ProblemError(404, { message: 'There is no such file.', hint: `There are ${files}.` });
  }
  const asked = url.searchParams.get('unit');
  const unit = asked === 'in' || asked === 'mm' ? asked : card.plan.habits.leadingUnit;
  const [file, library] = await Promise.all([exportCard(db, card), libraryOf(db, card)]);
  const name = card.plan.about.title
    .normalize('NFKD')
    .replaceAll(/[^A-Za-z0-9]+/g, '-')
    .replaceAll(/^-|-$/g, '');
  return answerFile(
    exporter.write({ file, library, unit }),
    exporter.type,
    `${name || 'card'}${exporter.ending}`,
  );
});
