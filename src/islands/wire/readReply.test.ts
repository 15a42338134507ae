import { describe, expect, it } from 'vitest';
import { readReply } from './readReply';

const response = (status: number, body: unknown) => new Response(JSON.stringify(body), { status });

describe('a reply of the server', () => {
  it('is read by the schema both sides hold to', async () => {
    expect(await readReply(response(201, { id: 'rain-day' }), 'card')).toEqual({
      ok: true,
      body: { id: 'rain-day' },
    });
  });

  it('that is something else is told in a sentence, not passed on', async () => {
    const read = await readReply(response(200, { id: 7 }), 'card');
    expect(read).toMatchObject({ ok: false, status: 200 });
    expect(read.ok ? '' : read.message).toContain('does not understand');
  });

  it('that refuses is its sentence and what to do', async () => {
    const error = { message: 'The disk is full.', hint: 'Nothing is lost.' };
    expect(await readReply(response(507, { error }), 'done')).toEqual({
      ok: false,
      message: 'The disk is full. Nothing is lost.',
      status: 507,
    });
    // What any body would fit is a refusal all the same.
    expect((await readReply(response(409, { error }), 'done')).ok).toBe(false);
  });

  it('may ask a person to choose, which is no refusal', async () => {
    expect(await readReply(response(409, { kind: 'old-page' }), 'save')).toEqual({
      ok: true,
      body: { kind: 'old-page' },
    });
  });
});
