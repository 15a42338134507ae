/** Whether a text names a time zone that this machine knows. @example isZone('Europe/Lisbon') // true */
export function isZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}
