/** The time zone of this machine, as the IANA database calls it. */
export function zoneHere(): string {
  return new Intl.DateTimeFormat().resolvedOptions().timeZone;
}
