import * as fc from 'fast-check';
import { demoLogbook } from '@/core/demo/scenario';
import { allEvents } from '@/core/logbook/chunks';
import { isPlain } from '@/core/logbook/events';
import { logbookEvents, TEST_GARAGE } from '@/test/arbitraries';
import { bookFrom, bookText } from '../replay/bookText';
import { playedInParts, Replay } from '../replay/replay';

/** The steps of a replay, less the record of the weather that hangs on each. */
const bare = ({ steps }: Replay) => steps.map((step) => ({ ...step, weather: null }));

describe('a book in the middle of a log', () => {
  it('is, as text and back, what the rest of the log goes on from', () => {
    fc.assert(
      fc.property(logbookEvents, fc.double({ min: 0, max: 1, noNaN: true }), (events, share) => {
        const whole = new Replay(TEST_GARAGE, events);
        const cut = whole.steps[Math.floor(share * whole.steps.length)]?.event.at;
        if (cut === undefined) return;
        const book = bookFrom(bookText(whole.bookBefore(cut)));
        expect(book).toEqual(whole.bookBefore(cut));
        const late = new Set(whole.steps.map(({ event }) => event).filter((e) => e.at >= cut));
        const rest = [...late, ...events.filter((e) => e.type === 'weatherSeen')];
        const goneOn = new Replay(TEST_GARAGE, rest, book);
        expect(goneOn.book).toEqual(whole.book);
        expect(bare(goneOn)).toEqual(bare(whole).slice(-late.size));
      }),
    );
  });

  it('is empty before the first event, and the last one after all', () => {
    fc.assert(
      fc.property(logbookEvents, (events) => {
        const whole = new Replay(TEST_GARAGE, events);
        expect(whole.bookBefore('1970-01-01T00:00:00.000Z')).toEqual(
          new Replay(TEST_GARAGE, []).book,
        );
        expect(whole.bookBefore('2999-01-01T00:00:00.000Z')).toEqual(whole.book);
      }),
    );
  });

  it('comes back whole with all that was learnt', () => {
    const { garage, log } = demoLogbook(Date.parse('2026-11-24T10:00:00Z'), 'Europe/London');
    const { book } = new Replay(garage, allEvents(log));
    expect(book.learnt.size).toBeGreaterThan(3);
    expect(bookFrom(bookText(book))).toStrictEqual(book);
  });

  it('keeps what JSON has no way of writing', () => {
    const { book } = new Replay(TEST_GARAGE, []);
    const odd = { ...book, cogs: new Map([['b1', Infinity]]), cells: new Map([['b1', NaN]]) };
    expect(bookFrom(bookText(odd))).toEqual(odd);
  });
});

it('a log played in parts is the log played at once', () => {
  fc.assert(
    fc.property(logbookEvents, (events) => {
      const months = new Map<string, typeof events>();
      for (const event of [...events].sort((a, b) => (a.at < b.at ? -1 : 1)))
        months.set(event.at.slice(0, 7), [...(months.get(event.at.slice(0, 7)) ?? []), event]);
      const playing = playedInParts(TEST_GARAGE, [...months.values()]);
      let step = playing.next();
      while (!step.done) step = playing.next();
      const whole = new Replay(TEST_GARAGE, events);
      expect(bare(step.value)).toEqual(bare(whole));
      expect(step.value.book).toEqual(whole.book);
      expect(step.value.steps).toHaveLength(
        events.filter(isPlain).length === 0 ? 0 : whole.steps.length,
      );
    }),
  );
});
