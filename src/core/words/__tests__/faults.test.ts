import { countedGear, readCount } from '../../faults/rhythm';
import { STEP_IDS } from '../../faults/steps';
import { BEAT_WORDS, heardText } from '../faults/beats';
import { countAsk } from '../faults/count';
import { oddsText, weightText } from '../faults/reasons';
import { minutesText, STEP_WORDS } from '../faults/steps';
import { METRIC } from '@/core/units/convert';

const gear = countedGear({ gear: 'derailleur' }, { ring: 50, cog: 17, links: 114 });

describe('what is said of a noise', () => {
  it('names what a count fits, or that it fits nothing', () => {
    expect(heardText(readCount({ turns: 20, events: 9, gear }))).toBe(
      `0.5 in a turn, give or take 0.1: that fits ${BEAT_WORDS.chain}.`,
    );
    expect(heardText(readCount({ turns: 30, events: 110, gear }))).toMatch(/nothing on this bike/);
  });

  it('says how strongly a sign speaks, for or against', () => {
    const said = (times: number) =>
      weightText({ speaks: { kind: 'log', reason: { code: 'film', percent: 5 } }, times }, METRIC);
    expect(said(9)).toBe('The log has only 5 % of the coat left: strongly for it.');
    expect(said(3)).toBe('The log has only 5 % of the coat left: for it.');
    expect(said(1.5)).toMatch(/: a little for it\.$/);
    expect(said(0.3)).toMatch(/: against it\.$/);
    expect(said(0.05)).toMatch(/: strongly against it\.$/);
  });

  it('has a word for odds', () => {
    expect([0.95, 0.7, 0.4, 0.2, 0.05].map(oddsText)).toEqual([
      'nearly sure',
      'likely',
      'well possible',
      'possible',
      'hardly',
    ]);
  });

  it('says how far to count, or which cog tells more', () => {
    expect(countAsk({ turns: 30 })).toMatch(/over 30 even turns/);
    expect(countAsk({ alike: true, better: 17 })).toMatch(/cog of 17 teeth/);
    expect(countAsk({ alike: true, better: null })).toMatch(/Count anyway/);
  });

  it('tells nobody to open a brake, to press a pin back, or to touch what turns', () => {
    const all = STEP_IDS.flatMap((step) => [
      ...STEP_WORDS[step].how,
      ...(STEP_WORDS[step].otherwise ?? []),
    ]).join(' ');
    expect(all).not.toMatch(/open (the|a) (hydraulic )?brake|press the pin|push the pin|bleed/i);
    for (const step of ['bend each link', 'spin the wheel', 'scrape the jockey wheels'] as const)
      expect(STEP_WORDS[step].caution).toMatch(/finger/);
    expect(minutesText('four things')).toBe('To look at. About 2 min.');
  });
});
