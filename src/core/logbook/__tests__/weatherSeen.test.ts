import { cellOf } from '@/core/weather/cells';
import { ridesOf } from '@/test/events';
import { weatherSeen } from '@/test/weather';
import { weatherFromFiles } from '../weatherSeen';

const cell = cellOf(54.2, -2.9);
const report = (id: string, recordedAt: string, source: 'file' | 'service', dry = true) =>
  weatherSeen(cell, '2026-05-01', () => (dry ? {} : null), { id, recordedAt, source });

describe('weather from files', () => {
  const monday = '2026-05-04T00:00:00.000Z';
  const tuesday = '2026-05-05T00:00:00.000Z';

  it('is what counts of a day and square: the report written last, of one moment the greater id', () => {
    const ids = (...events: Parameters<typeof weatherFromFiles>[0]) =>
      weatherFromFiles(events).map((e) => e.id);
    expect(ids(report('a', monday, 'file'), report('b', tuesday, 'service'))).toEqual([]);
    expect(ids(report('b', tuesday, 'file'), report('a', monday, 'service'))).toEqual(['b']);
    expect(ids(report('a', monday, 'file'), report('b', monday, 'file'))).toEqual(['b']);
    expect(ids(report('b', monday, 'file'), report('a', monday, 'file'))).toEqual(['b']);
    const elsewhere = { ...report('c', monday, 'file'), cell: '1:1' };
    const later = { ...report('d', monday, 'file'), at: '2026-05-02T00:00:00.000Z' };
    expect(ids(report('a', monday, 'file'), elsewhere, later)).toEqual(['a', 'c', 'd']);
  });

  it('is no day without a known hour, and no ride', () => {
    expect(weatherFromFiles([report('a', monday, 'file', false), ...ridesOf([10])])).toEqual([]);
    const oneHour = weatherSeen(cell, '2026-05-01', (h) => (h === 3 ? {} : null), {
      source: 'file',
    });
    expect(weatherFromFiles([oneHour])).toHaveLength(1);
  });
});
