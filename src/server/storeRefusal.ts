import { faultCode } from './StoreError';

/** A refusal in the making: its status, what is wrong and how to mend it, and what goes with it. */
interface Answered {
  readonly status: number;
  readonly reason: { readonly message: string; readonly hint: string };
  readonly headers: Readonly<Record<string, string>>;
}

const retry = { 'retry-after': '5' };

/** What to respond where the store cannot be reached or has no room; undefined for any other fault. */
export function storeRefusal(error: unknown): Answered | undefined {
  if (isAway(error))
    return {
      status: 503,
      reason: {
        message: 'The database does not answer just now.',
        hint: 'Nothing that was saved is lost; saving goes on by itself when it is back.',
      },
      headers: retry,
    };
  return ['53100', 'ENOSPC'].includes(faultCode(error) ?? '') ? fullRefusal : undefined;
}

export const fullRefusal: Answered = {
  status: 507,
  reason: {
    message: 'The disk is full.',
    hint: 'Nothing is lost; saving goes on by itself when there is room.',
  },
  headers: retry,
};

/** Whether a fault says that the server of the database cannot be reached, or is being stopped or started. */
export function isAway(error: unknown): boolean {
  const code = faultCode(error) ?? '';
  if (/^(08|57P0)/.test(code) || awayCodes.has(code)) return true;
  for (let at = error; at instanceof Error; at = at.cause)
    if (/Connection terminated|timeout exceeded when trying to connect/.test(at.message))
      return true;
  return false;
}

const awayCodes = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'ENOTFOUND',
  'EPIPE',
  'ETIMEDOUT',
  'EHOSTUNREACH',
  'EAI_AGAIN',
]);
