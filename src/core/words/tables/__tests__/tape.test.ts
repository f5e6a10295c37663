import { Replay } from '@/core/care/replay/replay';
import { inFull } from '@/core/care/replay/step';
import { demoLogbook } from '@/core/demo/scenario';
import { allEvents } from '@/core/logbook/chunks';
import { DEMO_NOW } from '@/test/demoPlan';
import { METRIC } from '@/core/units/convert';
import { rowsOfTape, TAPE_COLUMNS } from '../tape';

it('tells the tape in figures, newest first, as the steps have them', () => {
  const demo = demoLogbook(DEMO_NOW, 'UTC');
  const steps = new Replay(demo.garage, allEvents(demo.log)).steps
    .filter(({ chainId }) => chainId === 'demo-chain-commuter')
    .map(inFull);
  const rows = rowsOfTape(steps, METRIC);
  expect(rows).toHaveLength(20);
  for (const [n, row] of rows.entries()) {
    const step = steps.at(-1 - n)!;
    expect(row).toHaveLength(TAPE_COLUMNS.length);
    expect(row[0]).toContain(String(new Date(step.event.at).getUTCDate()));
    if (step.after) expect(row[1]).toBe(`${Math.round(100 * step.after.film)} %`);
  }
  expect(rows.some(([what]) => / km, /.test(what!))).toBe(true);
});
