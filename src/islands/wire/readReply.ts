import type { ReplyName, ReplyOf } from '../../core/replies/replies';

/** A reply of our own server: the body, or a sentence saying what is wrong. */
export type Reply<Name extends ReplyName> =
  { readonly ok: true; readonly body: ReplyOf<Name> } | Refused;

export interface Refused {
  readonly ok: false;
  readonly message: string;
  /** Of the response; 0 where none came. */
  readonly status: number;
}

export const noReply: Refused = {
  ok: false,
  message: 'Nibwright does not reply. Check that it is still running, then try again.',
  status: 0,
};

const notUnderstood = {
  ok: false,
  message: 'Nibwright replied with something this page does not understand. Load the page again.',
} as const;

/**
 * Reads what the server said, by the schema both sides hold to; a refusal comes back as its sentence. The schemas come
 * with the first reply, not with the page.
 */
export async function readReply<Name extends ReplyName>(
  response: Response,
  name: Name,
): Promise<Reply<Name>> {
  const { status } = response;
  const [body, { refusalSchema, replies }] = await Promise.all([
    response.json() as Promise<unknown>,
    import('../../core/replies/replies'),
  ]);
  const refusal = response.ok ? undefined : refusalSchema.safeParse(body).data;
  if (refusal) {
    const { message, hint = '' } = refusal.error;
    return { ok: false, message: `${message} ${hint}`.trim(), status };
  }
  const parsed = replies[name].safeParse(body);
  return parsed.success
    ? { ok: true, body: parsed.data as ReplyOf<Name> }
    : { ...notUnderstood, status };
}
