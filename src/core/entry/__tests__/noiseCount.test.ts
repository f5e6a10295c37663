import { countedGear } from '../../faults/rhythm';
import { oneMore, readCountDraft } from '../noiseCount';

const gear = countedGear({ gear: 'single' }, { ring: 42, cog: 18, links: 106 });

describe('a count as it is tapped or typed', () => {
  it('goes on by one from what stands there, and begins anew from what cannot be read', () => {
    expect(['0', '7', ' 12 ', '', 'many', '-5'].map(oneMore)).toEqual([
      '1',
      '8',
      '13',
      '1',
      '1',
      '1',
    ]);
  });

  it('is read with its bounds', () => {
    const read = (turns: string, events: string) => readCountDraft({ turns, events }, gear);
    expect(read('20', '9')).toEqual({ ok: true, value: { turns: 20, events: 9, gear } });
    expect(read('0', '9')).toMatchObject({ problem: { code: 'count/turns' } });
    expect(read('', '9')).toMatchObject({ problem: { code: 'number/missing' } });
    expect(read('20', 'x')).toMatchObject({ problem: { code: 'number/not-a-number' } });
    expect(read('2', '85')).toMatchObject({ problem: { code: 'count/events', most: 84 } });
  });
});
