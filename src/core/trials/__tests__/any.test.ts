import fc from 'fast-check';
import { Replay } from '@/core/care/replay/replay';
import { TRIED_WAYS } from '@/core/records/trialKinds';
import { trialSchema, type Trial } from '@/core/records/trial';
import { logbookEvents, TEST_GARAGE } from '@/test/arbitraries';
import { writeTrialCsv } from '@/core/formats/trialCsv';
import { answerSentence, armLabels, dueSentence, ragDueSentence } from '@/core/words/trials';
import { METRIC } from '@/core/units/convert';
import { coatsSince } from '../coats';
import { standingOn } from '../standing';
import { trialReport } from '../report';
import { coatMarks } from '../picture';

const text = fc.string({ minLength: 1, maxLength: 20 }).filter((t) => t.trim() === t && t !== '');
const question = fc.oneof(
  fc.record({
    kind: fc.constant('way' as const),
    way: fc.constantFrom(...TRIED_WAYS),
    a: fc.constantFrom('wipe', 'lower run', 'drop', 'one'),
    b: fc.constantFrom('clean', 'top of the cog', 'stream', 'both', 'on the moon'),
  }),
  fc.record({ kind: fc.constant('product' as const), a: fc.constant('p1'), b: fc.constant('p2') }),
  fc.record({ kind: fc.constant('own' as const), ask: text, a: text, b: text }),
);
const day = fc
  .integer({ min: 0, max: 120 })
  .map((n) => new Date(Date.UTC(2026, 2, 1 + n)).toISOString());
const trial: fc.Arbitrary<Trial> = fc.record({
  id: fc.constantFrom('t1', 't2'),
  bikeId: fc.constantFrom('b1', 'b2', 'gone'),
  question,
  measure: fc.constantFrom('squeak' as const, 'rag' as const),
  ragKm: fc.double({ min: 10, max: 2000, noNaN: true }),
  again: fc.boolean(),
  careFor: fc.double({ min: 0.05, max: 2, noNaN: true }),
  coatsAnArm: fc.integer({ min: 2, max: 200 }),
  startedAt: day,
  endedAt: fc.option(day),
  retired: fc.boolean(),
  changedAt: day,
});

describe('any trial over any logbook', () => {
  it('gives an answer in figures and sentences, its coats in order, and no more than were put on', () => {
    fc.assert(
      fc.property(trial, logbookEvents, (t, events) => {
        expect(trialSchema.safeParse(t).success).toBe(true);
        const replay = new Replay(TEST_GARAGE, events);
        const report = trialReport(t, replay);
        const { answer, coats, points } = report;
        const all = [...Object.values(answer.ratio), ...Object.values(answer.chance)];
        expect(all.every((x) => Number.isFinite(x) && x >= 0)).toBe(true);
        const { aClearly, bClearly, equal } = answer.chance;
        expect(aClearly + bClearly + equal).toBeCloseTo(1, 6);
        const times = coats.map((c) => c.coat.work.at);
        expect(times).toEqual([...times].sort());
        for (const { coat } of coats) {
          expect(coat.work.at >= t.startedAt).toBe(true);
          expect(coat.bikeId).toBe(t.bikeId);
          expect(coat.lasted.from).toBeLessThanOrEqual(coat.lasted.to);
        }
        for (const p of points)
          expect(Number.isFinite(p.raw) && Number.isFinite(p.evened)).toBe(true);
        const { marks } = coatMarks(
          points,
          { measure: t.measure, units: METRIC },
          { width: 300, lane: 70 },
        );
        for (const m of marks) expect(m.x >= 0 && m.x <= 300).toBe(true);
        const labels = armLabels(t.question, {});
        for (const said of [
          answerSentence(report, labels),
          dueSentence(report, labels),
          ragDueSentence(report, METRIC) ?? '',
        ])
          expect(said).not.toMatch(/NaN|undefined|Infinity|null/);
        expect(writeTrialCsv(report, labels)).not.toMatch(/NaN|undefined|Infinity/);
        for (const bikeId of ['b1', 'b2'])
          for (const s of standingOn(coatsSince(replay, ''), bikeId))
            expect(s.answer.ratio.mid).toBeGreaterThan(0);
      }),
    );
  });
});
