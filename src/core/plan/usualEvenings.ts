import type { Evenings } from './evenings';

/** From Monday to Friday from seven to nine, one alone; a house that has other ones says so. */
export function usualEvenings(zone: string): Evenings {
  const weekly = [1, 2, 3, 4, 5].map((day) => ({ day, from: '19:00', to: '21:00' }));
  return { zone, weekly, people: 1 };
}
