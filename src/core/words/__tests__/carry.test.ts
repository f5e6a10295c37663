import { demoLogbook } from '@/core/demo/scenario';
import { EMPTY_GARAGE } from '@/core/garage/empty';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import { DEMO_NOW } from '@/test/demoPlan';
import { cameLine, codeLine, longLine, outgoingLine } from '../carry';

const demo = demoLogbook(DEMO_NOW, 'UTC');
const empty = { garage: EMPTY_GARAGE, settings: DEFAULT_SETTINGS, log: {} };

it('says what is on its way, without the weather that comes along', () => {
  const month = demo.log['2026-11'] ?? [];
  const entries = month.filter(({ type }) => type !== 'weatherSeen');
  expect(entries.length).toBeLessThanOrEqual(month.length);
  expect(outgoingLine({ ...empty, log: { '2026-11': month } })).toBe(
    `This shows ${entries.length} entries.`,
  );
  expect(outgoingLine({ ...empty, log: { '2026-11': entries.slice(0, 1) } })).toBe(
    'This shows 1 entry.',
  );
  expect(outgoingLine({ ...demo, log: {} })).toBe('This shows the garage and the shelf.');
  expect(outgoingLine(empty)).toBe('This shows the settings.');
});

it('tells how far it is, and of a long run what is quicker', () => {
  expect(codeLine(34, 120)).toBe('Code 34. About 120 are needed, whichever they are.');
  expect(cameLine(84, 120)).toBe('84 of 120 codes read.');
  expect(longLine(899)).toBeNull();
  expect(longLine(3600)).toBe(
    'This takes about 10 minutes. For so much a backup file from Files is quicker.',
  );
});
