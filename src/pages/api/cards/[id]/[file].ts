import type { APIRoute } from 'astro';
import { fileName } from '../../../../core/text/fileName';
import { facesOf } from '../../../../core/plan/faces';
import { respondFile, endpoint, RefusalError } from '../../../../server/respond';
import { cardExporters } from '../../../../server/cardExporters';
import { clientOf } from '../../../../server/clientOf';
import { database } from '../../../../server/database';
import { exportCard, libraryOf } from '../../../../server/exportCard';
import { jigPages } from '../../../../server/writeJigPdf';
import { readHouse } from '../../../../server/repositories/team';
import { requireCard } from '../../../../server/requireCard';
import { pool } from '../../../../server/threads/pool';
import type { ExportTask } from '../../../../server/threads/tasks/exportCardFile';

/**
 * The card as a file: `card.nibwright.json`, `sheet.md`, `cut-list.csv`, `picture.svg`, `jig.svg` and the like. `?unit=mm`
 * leads with millimetres; a picture and a jig are of a `face`, a printed jig for a `page`, letter or a4, strips
 * of a `scene`.
 */
export const GET: APIRoute = endpoint(async (context) => {
  const { params, url, request } = context;
  const db = await database();
  const card = await requireCard(db, params['id']);
  const exporter = cardExporters.find(({ file }) => file === params['file']);
  if (!exporter) {
    const files = cardExporters.map(({ file }) => file).join(', ');
    throw new RefusalError(404, { message: 'There is no such file.', hint: `There are ${files}.` });
  }
  const asked = url.searchParams.get('unit');
  const unit = asked === 'in' || asked === 'mm' ? asked : card.plan.habits.leadingUnit;
  const { fold } = card.plan.base;
  const face = facesOf(fold).find((each) => each === url.searchParams.get('face')) ?? 'front';
  const page =
    jigPages.find((each) => each === url.searchParams.get('page')) ??
    (unit === 'in' ? 'letter' : 'a4');
  const [file, library, { mail }] = await Promise.all([
    exportCard(db, card),
    libraryOf(db, card, exporter.needsStash),
    readHouse(db),
  ]);
  const task: ExportTask = {
    name: exporter.file,
    input: {
      file,
      library,
      mail,
      unit,
      face,
      page,
      scene: url.searchParams.get('scene') ?? undefined,
    },
  };
  const body = await pool().run<string | Uint8Array<ArrayBuffer>>(
    { task: 'exportCardFile', input: task },
    { client: clientOf(context), signal: request.signal, seconds: 20, isOurs: true },
  );
  const says = exporter.says({ file, face, page });
  return respondFile(
    body,
    exporter.type,
    fileName([card.plan.about.title, ...says], exporter.ending),
  );
});
