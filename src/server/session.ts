import type { AstroCookies } from 'astro';
import type { Unit } from '../core/length/length';
import { designerIdSchema, type DesignerId } from '../core/plan/ids';

const cookieName = 'nibwright-designer';
const yearInSeconds = 365 * 24 * 60 * 60;

/** Who works in this browser; null until a name was given. No proof of anything, just a name. */
export function readDesigner(cookies: AstroCookies): DesignerId | null {
  const parsed = designerIdSchema.safeParse(cookies.get(cookieName)?.value);
  return parsed.success ? parsed.data : null;
}

/** Remembers the name for a year. */
export function rememberDesigner(cookies: AstroCookies, id: DesignerId): void {
  cookies.set(cookieName, id, {
    path: '/',
    httpOnly: true,
    sameSite: 'strict',
    maxAge: yearInSeconds,
  });
}

/** The unit this browser leads with; undefined until it was chosen. Set by the page itself. */
export function readUnit(cookies: AstroCookies): Unit | undefined {
  const value = cookies.get('nibwright-unit')?.value;
  return value === 'in' || value === 'mm' ? value : undefined;
}
