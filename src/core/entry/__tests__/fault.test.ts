import { say } from '../../words/problems';
import { hasPlace, NO_PLACE, readPlace } from '../fault';
import { METRIC } from '@/core/units/convert';

describe('a place on the chain as it is typed', () => {
  const read = (links: string) => readPlace({ ...NO_PLACE, links }, 114);

  it('is read with its side, or left open', () => {
    expect(read('37')).toEqual({ ok: true, value: { links: 37, side: 'drive side' } });
    expect(readPlace({ links: '0', side: 'far side' }, 114)).toEqual({
      ok: true,
      value: { links: 0, side: 'far side' },
    });
    for (const none of ['', '  ']) expect(read(none)).toEqual({ ok: true, value: null });
    expect(read('113').ok).toBe(true);
  });

  it('is on this chain, or said not to be', () => {
    for (const beyond of ['114', '-1', '3.5']) {
      const result = read(beyond);
      expect(result.ok ? null : say(result.problem, METRIC)).toBe(
        'This chain has 114 links: enter 0 to 113, or leave it empty.',
      );
    }
    expect(read('many')).toMatchObject({ ok: false, problem: { code: 'number/not-a-number' } });
  });

  it('is asked for what is found again by counting', () => {
    expect([hasPlace('stiff link'), hasPlace('moved pin'), hasPlace('dry chain')]).toEqual([
      true,
      true,
      false,
    ]);
  });
});
