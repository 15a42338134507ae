import type { APIRoute } from 'astro';
import { z } from 'zod';
import { sheetLayoutSchema } from '../../core/cutting/cutPlan';
import { fileName } from '../../core/text/fileName';
import { respondFile, endpoint, megabyte, readJson } from '../../server/respond';
import { clientOf } from '../../server/clientOf';
import { pool } from '../../server/threads/pool';
import type { TemplateTask } from '../../server/threads/tasks/drawTemplatePdf';

const outlineSchema = z
  .array(z.array(z.strictObject({ x: z.number(), y: z.number() })).max(6000))
  .max(200);
const bodySchema = z.strictObject({
  title: z.string().trim().min(1).max(200),
  unit: z.enum(['in', 'mm']),
  layout: sheetLayoutSchema,
  /** By letter. */
  contours: z
    .array(
      z.tuple([
        z.string().max(10),
        z.strictObject({
          width: z.number(),
          height: z.number(),
          windows: outlineSchema,
          outer: outlineSchema,
        }),
      ]),
    )
    .max(500),
});

/** A cutting template as a PDF at 1:1, of a layout the page has planned. */
export const POST: APIRoute = endpoint(async (context) => {
  const body = await readJson(context.request, bodySchema, 4 * megabyte);
  const { title, unit, layout } = body;
  const input: TemplateTask = {
    template: { layout, unit, contours: new Map(body.contours) },
    title,
  };
  const bytes = await pool().run<Uint8Array<ArrayBuffer>>(
    { task: 'drawTemplatePdf', input },
    { client: clientOf(context), signal: context.request.signal, seconds: 20, isOurs: true },
  );
  return respondFile(bytes, 'application/pdf', fileName([title], '.pdf'));
});
