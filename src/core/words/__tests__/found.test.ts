import type { OpenFault } from '../../care/replay/faults';
import { NEW_SEARCH } from '../../faults/finder';
import { countedGear } from '../../faults/rhythm';
import type { FaultFound } from '../../records/faultEvents';
import { followQuestion, openFaultText } from '../faults/found';
import { placeText } from '../faults/place';
import { workshopLines } from '../faults/workshop';

const fault = (more: Partial<FaultFound> = {}): OpenFault => ({
  found: {
    type: 'faultFound',
    id: 'f',
    at: '2026-11-12T10:00:00.000Z',
    zone: 'UTC',
    recordedAt: '2026-11-12T10:00:00.000Z',
    bikeId: 'b1',
    chainId: 'c1',
    noise: 'click',
    cause: 'stiff link',
    place: { links: 37, side: 'drive side' },
    showed: null,
    state: 'to do',
    ...more,
  },
  putRight: false,
  ridden: false,
});

describe('a fault that was found', () => {
  it('is said with its place, its day and what it waits for', () => {
    expect(openFaultText(fault())).toBe(
      'Stiff link, 37 links on, drive side, found on 12 November. It is not put right yet.',
    );
    expect(openFaultText(fault({ place: null, state: 'workshop' }))).toBe(
      'Stiff link, found on 12 November. It waits for a workshop.',
    );
    const at = (links: number) => placeText({ links, side: 'far side' });
    expect([0, 1, 2].map(at)).toEqual([
      'at the quick link or pin, far side',
      '1 link on, far side',
      '2 links on, far side',
    ]);
  });

  it('is asked about by the noise it made, if it made one', () => {
    expect(followQuestion(fault())).toMatch(
      /is put right\. You have ridden since\. Is the click gone\?$/,
    );
    expect(followQuestion(fault({ noise: null }))).toMatch(/Is it gone\?$/);
  });
});

describe('what to say in a workshop', () => {
  it('is what was heard, counted and done, and nothing where nothing was', () => {
    const gear = countedGear({ gear: 'derailleur' }, { ring: 50, cog: 17, links: 114 });
    expect(
      workshopLines({
        ...NEW_SEARCH,
        answers: { noise: 'click', load: 'pushing hard', where: null },
        counts: [{ turns: 30, events: 13, gear }],
        done: [
          { step: 'see the way', outcome: 'nothing' },
          { step: 'wipe and lube', outcome: 'better' },
        ],
      }),
    ).toEqual([
      'Heard: Click; Only when pushing hard.',
      'Counted: 13 times in 30 turns of the cranks, on 50 by 17.',
      'Done: Follow the chain with your eye; Wipe, lube, wipe (better).',
    ]);
    expect(workshopLines(NEW_SEARCH)).toEqual([]);
  });
});
