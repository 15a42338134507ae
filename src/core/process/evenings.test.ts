import { describe, expect, it } from 'vitest';
import { usualEvenings } from '../plan/usualEvenings';
import { dayBegins, nextSessions } from './evenings';

const at = (text: string) => Date.parse(text);
const hours = ({ from, to }: { readonly from: number; readonly to: number }) =>
  (to - from) / 3_600_000;
const nights = (zone: string, from: string, to: string, days = [1, 2, 3, 4, 5, 6, 7]) => ({
  zone,
  people: 1,
  weekly: days.map((day) => ({ day, from, to })),
});

describe('the next evenings', () => {
  it('are those of the week, by the clocks of the place', () => {
    const sessions = nextSessions(usualEvenings('Europe/Lisbon'), at('2027-03-12T10:00Z'), 3);
    expect(sessions.map(({ from }) => new Date(from).toISOString())).toEqual([
      '2027-03-12T19:00:00.000Z',
      '2027-03-15T19:00:00.000Z',
      '2027-03-16T19:00:00.000Z',
    ]);
    expect(sessions.map(hours)).toEqual([2, 2, 2]);
  });

  it('of one that has begun leave what is left, also past midnight', () => {
    const late = nights('UTC', '22:00', '01:00', [1]);
    const [first, second] = nextSessions(late, at('2027-03-09T00:30Z'), 2);
    expect(first).toEqual({ from: at('2027-03-09T00:30Z'), to: at('2027-03-09T01:00Z') });
    expect(second?.from).toBe(at('2027-03-15T22:00Z'));
  });

  // Source: the rules of the European Union and of the United States, as the IANA database has them.
  it.each([
    ['Europe/Lisbon', '2027-03-27T12:00Z', 1, 'forward at one in the night'],
    ['Europe/Lisbon', '2027-10-30T12:00Z', 3, 'back at two in the night'],
    ['America/Chicago', '2027-03-13T12:00Z', 3, 'after the evening is over there'],
  ])('in %s from %s last %i h, as the clocks go %s', (zone, start, length) => {
    const [session] = nextSessions(nights(zone, '00:30', '02:30'), at(start), 1);
    const [evening] = nextSessions(nights(zone, '23:00', '02:00'), at(start), 1);
    const night = zone === 'America/Chicago' ? evening : session;
    expect(hours(night ?? { from: 0, to: 0 })).toBe(length);
  });

  it('that overlap are one', () => {
    const twice = {
      ...nights('UTC', '19:00', '21:00', [1]),
      weekly: [
        { day: 1, from: '19:00', to: '21:00' },
        { day: 1, from: '20:00', to: '22:30' },
      ],
    };
    const [first, second] = nextSessions(twice, at('2027-03-08T10:00Z'), 2);
    expect(hours(first ?? { from: 0, to: 0 })).toBe(3.5);
    expect(second?.from).toBe(at('2027-03-15T19:00Z'));
  });

  it('and days begin at midnight there', () => {
    expect(dayBegins('2027-07-01', 'Europe/Lisbon')).toBe(at('2027-06-30T23:00Z'));
    expect(dayBegins('2027-03-09', 'America/Chicago')).toBe(at('2027-03-09T06:00Z'));
  });
});
