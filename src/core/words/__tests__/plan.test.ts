import { agendaItem } from '@/test/agendaItem';
import { IMPERIAL, METRIC } from '@/core/units/convert';
import { noCosts } from '../../plan/simulate/costs';
import { MS_PER_HOUR } from '../../units/convert';
import { noteSentence, putOffSentence, reasonSentence, startSentence } from '../plan';
import { againstSentence } from '../planAgainst';

describe('what is said of a job', () => {
  const item = agendaItem();
  const { putOff } = item;

  it('tells the latest start only where it presses, to the quarter of an hour before', () => {
    expect(startSentence(item, 'UTC', '24')).toBe('Start by 18:30 and it is set by 07:00.');
    expect(startSentence(item, 'UTC', '12')).toBe('Start by 6:30 pm and it is set by 7:00 am.');
    expect(startSentence({ ...item, lubeName: null }, 'UTC', '24')).toMatch(/it is done by 07:00/);
    expect(
      startSentence({ ...item, startBy: item.from + 4 * MS_PER_HOUR }, 'UTC', '24'),
    ).not.toBeNull();
    expect(
      startSentence({ ...item, startBy: item.from + 5 * MS_PER_HOUR }, 'UTC', '24'),
    ).toBeNull();
    expect(startSentence({ ...item, startBy: null, readyBy: null }, 'UTC', '24')).toBeNull();
  });

  it('tells the reason as a rider sees it', () => {
    expect(reasonSentence(item)).toBe('By then the lube is nearly used up.');
    expect(reasonSentence({ ...item, film: 0.15 })).toBe('By then the lube is used up.');
    expect(reasonSentence({ ...item, reason: 'outside' })).toBe('By then a rag comes away dark.');
    const wet = { ...item, reason: 'wet', wet: 0.88 } as const;
    expect(reasonSentence({ ...wet, lubeName: null })).toBe(
      'It will probably come home wet (9 in 10). Wipe it dry so it can’t rust.',
    );
    // Nothing is said to be certain.
    expect(reasonSentence({ ...wet, wet: 1 })).toMatch(/\(9 in 10\)/);
  });

  it('tells what waiting a week costs', () => {
    expect(putOffSentence(item, METRIC)).toBe(
      'Wait a week and you ride about 34 km dry, wear the chain more and lose about 3 W.',
    );
    const idle = { ...putOff, dryKm: 0, wearMoney: 0, watts: 0, total: 0 };
    const of = (more: Partial<typeof putOff>) =>
      putOffSentence({ ...item, putOff: { ...idle, ...more } }, IMPERIAL);
    expect(of({})).toBe('It can wait a week. That costs next to nothing.');
    expect(of({ total: 0.06 })).toBe('Wait a week and the job itself takes longer.');
    expect(of({ rust: 0.02 })).toBe('Wait a week and you risk rust.');
    expect(of({ dryKm: 16.1, rust: 0.02 })).toBe(
      'Wait a week and you ride about 10 mi dry and risk rust.',
    );
  });
});

it('names the bikes that are taken to stand, in one sentence', () => {
  const said = (...bikeNames: string[]) => noteSentence({ name: 'no rides', bikeNames }, METRIC);
  expect(said('Old tourer')).toBe(
    'The Old tourer has no ride planned and we know no habit yet. We assume it stays parked.',
  );
  expect(said('Old tourer', 'Tandem', 'Spare')).toBe(
    'The Old tourer, Tandem and Spare have no rides planned and we know no habit yet. We assume they stay parked.',
  );
});

describe('the plan against the routine', () => {
  const habit = { name: 'weekly', weekday: 7 } as const;
  const costs = (more: Partial<ReturnType<typeof noCosts>>) => ({ ...noCosts(), ...more });
  const said = (plan: Parameters<typeof costs>[0], routine: Parameters<typeof costs>[0]) =>
    againstSentence(costs(plan), costs(routine), habit, METRIC);

  it('is honest where the routine is as good', () => {
    expect(said({ total: 96 }, { total: 100 })).toBe(
      '“Every Sunday” is as good. Keep it if you like it.',
    );
  });

  it('says what it saves, and what it loses too', () => {
    expect(said({ total: 60, minutes: 40 }, { total: 100, minutes: 123, wearMoney: 1 })).toBe(
      'Compared with “Every Sunday”, the plan saves about 85 min and some wear.',
    );
    expect(said({ total: 60, dryKm: 11 }, { total: 100, minutes: 30, dryKm: 7.8 })).toBe(
      'Compared with “Every Sunday”, the plan saves about 30 min, but rides dry for 11 km instead of 7.8 km.',
    );
    expect(said({ total: 60, minutes: 20, wearMoney: 1 }, { total: 100, dryKm: 5 })).toBe(
      'Compared with “Every Sunday”, the plan saves about 5 km of riding dry, but takes about 20 min more and wears the chain a little more.',
    );
    expect(said({ total: 90 }, { total: 100 })).toMatch(/saves a little in all\.$/);
  });
});
