import Papa from 'papaparse';
import { demoLogbook } from '@/core/demo/scenario';
import { Replay } from '@/core/care/replay/replay';
import { allEvents } from '@/core/logbook/chunks';
import { trialReport } from '@/core/trials/report';
import { writeTrialCsv } from '../trialCsv';

const NOW = Date.parse('2026-11-24T10:00:00Z');

describe('a trial as a table', () => {
  const demo = demoLogbook(NOW, 'UTC');
  const replay = new Replay(demo.garage, allEvents(demo.log));
  const rowsOf = (id: string, labels = { a: 'one, of two', b: '=other' }) => {
    const report = trialReport(demo.garage.trials[id]!, replay);
    const csv = writeTrialCsv(report, labels);
    const { data, errors } = Papa.parse<Record<string, string>>(csv, {
      header: true,
      skipEmptyLines: true,
    });
    expect(errors).toEqual([]);
    expect(csv.endsWith('\r\n')).toBe(true);
    return { rows: data, report };
  };

  it('has a row a coat, read back as it was written, with no formula in it', () => {
    const { rows, report } = rowsOf('demo-trial-wiping');
    expect(rows).toHaveLength(report.coats.length);
    rows.forEach((row, n) => {
      const { coat, arm, evidence } = report.coats[n]!;
      expect(row.date).toBe(coat.work.at);
      expect(row.habit).toBe(arm === 'a' ? 'one, of two' : "'=other");
      expect(Number(row.km)).toBeCloseTo(coat.km, 3);
      expect(row.rag_dirt === '').toBe(evidence === null);
    });
    expect(rows.filter((r) => r.counts === 'yes')).toHaveLength(8);
    expect(rows.filter((r) => r.counts === 'no rag')).toHaveLength(1);
  });

  it('leaves the end of a coat open that had not squeaked', () => {
    const { rows } = rowsOf('demo-trial-drops');
    expect(rows.map((r) => r.counts)).toEqual(['yes', 'yes', 'yes', 'yes', 'not yet']);
    for (const row of rows.slice(0, 4)) {
      expect(Number(row.lives_from)).toBeGreaterThan(0.2);
      expect(row.lives_to).toBe('');
    }
  });
});
