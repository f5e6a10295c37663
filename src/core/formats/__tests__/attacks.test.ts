import Papa from 'papaparse';
import { planImport } from '@/core/arrivals/importRides';
import { calendarAttacks, rideAttacks, type Attack } from '@/test/faults/attacks';
import { readCalendar } from '../calendarIn';
import { headerKey } from '../csvMapping';
import type { CsvMapping } from '../../records/csvMapping';
import { guessMapping } from '../table/guess';
import { readRideFiles } from '../rideFile';
import { hasUnseen, tidy } from '../tidy';
import { toCsv } from '../toCsv';

/** What reading and planning the import of a file ends in: codes of problems, or what would be added. */
export function outcomes({ file, bytes }: Attack): string[] {
  const mapping: CsvMapping = {
    ...guessMapping(['start', 'distance', 'duration min'], []),
    durationUnit: 'min',
  };
  const mappings = {
    [headerKey(['start', 'distance'])]: { ...mapping, duration: null },
    [headerKey(['start', 'distance', 'duration min'])]: mapping,
  };
  const rows = planImport([...readRideFiles(file, bytes, mappings)], {
    rides: [],
    fittings: [{ chainId: 'c1', bikeId: 'b1', from: '1970-01-01T00:00:00.000Z', to: null }],
    now: Date.parse('2100-01-01T00:00:00Z'),
    bikeOf: () => 'b1',
  });
  return rows.map((row) => (row.outcome === 'failed' ? row.problem.code : row.outcome));
}

describe('ride files made to harm end in their own sentence', () => {
  it.each(rideAttacks().map((a) => [a.name, a] as const))('%s', (_, attack) => {
    expect(outcomes(attack)).toContain(attack.expect);
  });
});

describe('calendars made to harm', () => {
  it.each(calendarAttacks().map((a) => [a.name, a] as const))('%s', (_, attack) => {
    const text = new TextDecoder().decode(attack.bytes);
    const read = readCalendar(text, 'Europe/London', '2026-04-27', '2026-06-30');
    if (!read.ok) {
      expect(attack.expect).toBe('damaged');
      return;
    }
    const { cutShort, skipped, entries, tooMany } = read.value;
    const { expect: told } = attack;
    if (told === 'cut short') expect(cutShort).toBeGreaterThan(0);
    if (told === 'told')
      expect(cutShort + skipped + entries.length + Number(tooMany)).toBeGreaterThan(0);
    for (const entry of entries) expect(entry.hours === null || entry.hours > 0).toBe(true);
  });
});

it('names lose the signs that turn writing around', () => {
  expect(tidy('Quay \u202etfarc\u202c and\u200b home')).toBe('Quay tfarc and home');
  expect(hasUnseen('plain – “quoted” name')).toBe(false);
});

it.each(['=1+1', ' =1+1', '\n=cmd', '\u00a0+1', '\t@x', '\u200b-1', '＝1'])(
  'a spreadsheet takes no note for a formula: %j',
  (note) => {
    const [row] = Papa.parse<{ note: string }>(toCsv([{ note }]), { header: true }).data;
    expect(row?.note).toBe(`'${note}`);
  },
);
