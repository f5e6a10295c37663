import { CARE } from '@/core/care/model/constants';
import { WATTS } from '@/core/watts/constants';
import { constantLine } from '@/core/words/constants';
import { MEASURES, type Measure } from '../measures';
import { TERMS, termsInOrder, type Term } from '../terms';

const measures: Measure[] = Object.values(MEASURES);
const terms: Term[] = Object.values(TERMS);

it('every figure under a measure is that of the constants, with its source and spread', () => {
  for (const { rests } of measures)
    for (const name of rests) {
      const line = constantLine(name);
      expect(line).toContain(CARE[name].source);
      const shown = Number(/: (-?[\d.]+) /.exec(line)![1]);
      const times = shown / CARE[name].value;
      expect([1, 1000]).toContainEqual(Number(times.toPrecision(3)));
      expect(line).not.toMatch(/\de-\d/);
    }
});

it('says the limits it names as the model has them', () => {
  expect(MEASURES.film.says).toContain(`${100 * CARE.reserve.value} %`);
  expect(TERMS.reserve.says).toContain(`${100 * CARE.reserve.value} %`);
});

it('an elongation of 0.5 % is what it says: a pitch of half an inch (ISO 606)', () => {
  const [pitch, worn] = TERMS.elongation.says.match(/\d+\.\d+/g)!.map(Number);
  expect(pitch).toBe(12.7);
  expect((100 * (worn! - pitch!)) / pitch!).toBeCloseTo(0.5, 1);
});

it('words stand by the alphabet, once, each in whole sentences', () => {
  const words = termsInOrder().map(([, { word }]) => word.toLowerCase());
  expect([...words].sort()).toEqual(words);
  expect(new Set(words).size).toBe(terms.length);
  for (const { says } of terms) expect(says).toMatch(/^[A-Z“].*\.$/);
});

it('says nothing of a measure without a figure or a source under it', () => {
  for (const { title, rests, also = [] } of measures) {
    expect([title, rests.length + also.length]).not.toEqual([title, 0]);
    for (const line of also) expect(line).toMatch(/\.$/);
  }
  const gears = MEASURES.gears.also.join(' ');
  for (const { value, source } of [WATTS.crossingAt, WATTS.crossingW, WATTS.ringSpacingMm])
    expect(gears).toMatch(new RegExp(`: ${value} [^.]*; ${source};`));
});
