import { CARE } from '@/core/care/model/constants';
import { endsOf, levers } from '../sensitivity';

describe('what is known of each constant', () => {
  it.each(Object.entries(CARE))('%s has a spread that encloses it, and a source', (_, constant) => {
    const [low, high] = endsOf(constant);
    expect(low).toBeLessThan(constant.value);
    expect(high).toBeGreaterThan(constant.value);
    expect(constant.source).toMatch(/common practice|own estimate/);
  });

  it('each lever moves what it names, and back', () => {
    const life = levers().find((l) => l.name === 'lube: lifeKm')!;
    const reserve = levers().find((l) => l.name === 'reserve')!;
    const before = CARE.reserve.value;
    reserve.times(2);
    expect(CARE.reserve.value).toBe(2 * before);
    reserve.times(1);
    expect(CARE.reserve.value).toBe(before);
    expect(life.ends).toEqual([0.7, 1.4]);
  });
});
