/** @jest-environment node */
import { demoLogbook } from '@/core/demo/scenario';
import { cases } from '../../cases';
import { corrupt, lastMonths } from '../corruptions';
import { playSchedule } from '../schedule';

/**
 * A short run of the campaigns of `npm run faults`. A seed that failed once is named in the test of what it
 * found: see persistence.test.ts.
 */
const SCHEDULES = cases(120);
const CORRUPTIONS = cases(400);

const NONE = { lostEvents: 0, lostFields: 0, doubled: 0, apart: 0, stuck: 0, threw: 0, notes: [] };

it(`tabs that write, die and come back lose nothing: ${SCHEDULES} schedules`, async () => {
  for (let seed = 1; seed <= SCHEDULES; seed++)
    expect({ seed, ...(await playSchedule(seed)) }).toEqual({ seed, ...NONE });
}, 240_000);

it(`damage costs what it hit and no more: ${CORRUPTIONS} corruptions`, () => {
  const demo = demoLogbook(Date.parse('2026-05-10T12:00:00.000Z'), 'Europe/London');
  const seeds = Array.from({ length: CORRUPTIONS }, (_, n) => n + 1);
  expect(corrupt(lastMonths(demo, 2), seeds)).toEqual({
    lost: 0,
    unreported: 0,
    wrong: 0,
    threw: 0,
    notes: [],
  });
}, 120_000);
