import type { MorningEntry } from '@/core/words/beforeRide';
import type { AgendaEntry } from '@/core/words/plan';
import type { PlanAnswer } from '@/core/words/planAnswer';
import { METRIC } from '@/core/units/convert';
import { askToNotify, notifyLater } from '../notify';
import { sheetOf } from '../printSheet';

const NOW = Date.parse('2026-11-24T10:00:00Z');
const HOUR = 3_600_000;
const entry = (more: Partial<AgendaEntry>): AgendaEntry =>
  ({
    id: 'c-1',
    bikeId: 'b1',
    bikeName: 'Fast & <light>',
    date: '2026-11-24',
    minutes: 15,
    from: NOW + 8 * HOUR,
    startBy: null,
    words: { order: 'Top up with oil.', start: null, change: null, reason: 'It is dry.' },
    ...more,
  }) as AgendaEntry;

const COAT: MorningEntry = {
  ...{ bikeId: 'b1', bikeName: 'Early', chainId: 'c', date: '2026-11-25', minutes: 3 },
  ...{ from: NOW + 20 * HOUR, rideAt: NOW + 21 * HOUR, bottleId: null, lubeName: 'oil' },
  ...{ what: 'Put on a thin coat.', why: 'The lube would run out.' },
};

describe('the printed sheet', () => {
  const answer = {
    agenda: [entry({})],
    mornings: [COAT],
    days: ['2026-11-24', '2026-11-25', '2026-11-26'].map((date) => ({
      date,
      minutes: 40,
      taken: 0,
    })),
  } as unknown as PlanAnswer;
  const ride = { date: '2026-11-25', time: '07:30', bikeId: 'b1', km: 20 } as never;
  const html = sheetOf(answer, [ride], { b1: 'Fast & <light>' }, METRIC);

  it('has a row for each day with something in it, jobs with a box to tick', () => {
    expect(html.match(/<tr><th scope="row">/g)).toHaveLength(2);
    expect(html).toContain('Today, ');
    expect(html.match(/class="box"/g)).toHaveLength(2);
    expect(html).toContain('<b>Early</b>: Put on a thin coat.');
    expect(html).toContain('07:30');
  });

  it('takes names as text, not as markup', () => {
    expect(html).toContain('Fast &amp; &lt;light&gt;');
    expect(html).not.toContain('<light>');
  });
});

describe('the browser’s reminders', () => {
  const told: string[] = [];
  class Stub {
    static permission = 'granted';
    static requestPermission = () => Promise.resolve('denied');
    constructor(title: string) {
      told.push(title);
    }
  }

  beforeEach(() => {
    told.length = 0;
    jest.useFakeTimers();
    Object.assign(window, { Notification: Stub });
  });
  afterEach(() => jest.useRealTimers());

  it('come when the evening begins, or an hour before the latest start, and for the coming day only', () => {
    notifyLater(
      {
        mornings: [COAT],
        agenda: [
          entry({}),
          entry({ id: 'c-2', bikeName: 'Early', startBy: NOW + 3 * HOUR }),
          entry({ id: 'c-3', bikeName: 'Next week', from: NOW + 170 * HOUR }),
        ],
      },
      NOW,
    );
    jest.advanceTimersByTime(2 * HOUR - 1);
    expect(told).toEqual([]);
    jest.advanceTimersByTime(1);
    expect(told).toEqual(['Early: Top up with oil.']);
    jest.advanceTimersByTime(24 * HOUR);
    expect(told).toHaveLength(3);
    expect(told).toContain('Early: thin coat');
  });

  it('are called off with the plan they are of, and never come unasked', async () => {
    notifyLater({ agenda: [entry({})], mornings: [] }, NOW)();
    Stub.permission = 'default';
    notifyLater({ agenda: [entry({})], mornings: [] }, NOW);
    jest.advanceTimersByTime(24 * HOUR);
    expect(told).toEqual([]);
    await expect(askToNotify()).resolves.toBe(false);
  });
});
