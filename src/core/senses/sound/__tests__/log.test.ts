import { type PlainEvent, logEventSchema } from '@/core/records/event';
import { BANDS, type Levels } from '../bands';
import { beatAt } from '../beat';
import { countOf } from '../count';
import { isFresh } from '../fresh';
import type { Recording } from '../listen';
import { quietOf, recordedEvent } from '../log';
import { bandBars, onsetShapes } from '../shapes';

const flat = (db: number): Levels => ({
  db: BANDS.map(() => db),
  sd: BANDS.map(() => 1),
  seconds: 15,
});
const recording = (db: number): Recording => ({
  seconds: 15,
  turns: 15,
  rhythms: [{ perTurn: 0.44, sd: 0.01, strength: 12 }],
  levels: flat(db),
  onsets: [0, 1, 0.5, 0],
});
const written = { bikeId: 'b1', chainId: 'c1', ring: 50, cog: 17, turn: { seconds: 1, sd: 0.01 } };
const event = (db: number, quiet: boolean, at: string, events: PlainEvent[] = [], cog = 17) =>
  ({
    ...recordedEvent(recording(db), { ...written, cog, quiet, at }, events),
    id: at,
    zone: 'UTC',
    recordedAt: at,
  }) as Extract<PlainEvent, { type: 'chainRecorded' }>;

describe('a recording in the log', () => {
  const first = event(-50, true, '2026-05-01T08:00:00.000Z');

  it('is of numbers the log takes', () => {
    expect(logEventSchema.safeParse(first).success).toBe(true);
    expect(first).toMatchObject({ louder: null, perMinute: 60 });
    // However fast somebody tapped.
    const hasty = { ...written, turn: { seconds: 0.1, sd: 0 }, quiet: true, at: first.at };
    expect(recordedEvent(recording(-50), hasty, []).perMinute).toBe(200);
    expect(Object.keys(first)).not.toContain('samples');
  });

  it('is held against the last quiet of the same bike and gear', () => {
    const later = event(-44, false, '2026-06-01T08:00:00.000Z', [first]);
    expect(later.louder!.db).toBeCloseTo(6, 6);
    expect(logEventSchema.safeParse(later).success).toBe(true);
    const newer = event(-46, true, '2026-06-10T08:00:00.000Z', [first, later]);
    expect(newer.louder).toBeNull();
    const last = event(-44, false, '2026-06-20T08:00:00.000Z', [first, later, newer]);
    expect(last.louder!.db).toBeCloseTo(2, 6);
    // Neither another gear's nor what is no quiet.
    expect(event(-44, false, '2026-06-20T08:00:00.000Z', [first], 19).louder).toBeNull();
    expect(quietOf([later], written)).toBeNull();
    expect(quietOf([first], { ...written, bikeId: 'b2' })).toBeNull();
  });
});

describe('a rhythm as a count', () => {
  it('is so many in whole turns', () => {
    const gear = { ring: 50, cog: 17, links: 114, jockey: 11, hub: false };
    expect(countOf({ turns: 15.2 }, { perTurn: 0.44, sd: 0, strength: 9 }, gear)).toEqual({
      turns: 15,
      events: 7,
      gear,
    });
  });
});

describe('a chain fit to be the quiet of its bike', () => {
  it('is coated and clean, by the log', () => {
    expect(isFresh({ film: 0.95, outside: 0.05 })).toBe(true);
    expect(isFresh({ film: 0.5, outside: 0.05 })).toBe(false);
    expect(isFresh({ film: 0.95, outside: 0.4 })).toBe(false);
  });
});

describe('the beat', () => {
  it('counts down, then turns from one on, full at each', () => {
    expect(beatAt(-2.5, 60)).toMatchObject({ lead: true, turn: 3 });
    expect(beatAt(0, 60)).toMatchObject({ lead: false, turn: 1, full: true });
    expect(beatAt(0.5, 60)).toMatchObject({ turn: 1, full: false });
    expect(beatAt(10.05, 75)).toMatchObject({ turn: 13, full: false });
    expect(beatAt(4.2, null)).toEqual({ lead: false, turn: null, full: false, seconds: 4 });
  });
});

describe('its picture', () => {
  const size = { width: 280, height: 100 };

  it('has a line of onsets and a stroke for each turn', () => {
    const { line, turns } = onsetShapes(recording(-50), { seconds: 3, sd: 0 }, size);
    expect(line).toBe('0.0,100.0 93.3,0.0 186.7,50.0 280.0,100.0');
    expect(turns).toEqual([0, 56, 112, 168, 224, 280]);
  });

  it('has a bar for each band that was recorded, and a stroke for its quiet', () => {
    const levels = { ...flat(-40), db: [...flat(-40).db.slice(0, -1), null] };
    const bars = bandBars(levels, flat(-50), size);
    expect(bars).toHaveLength(BANDS.length - 1);
    // 10 dB of the 50 drawn lie between them.
    expect(bars[0]).toMatchObject({ y: 0, height: 100, quietY: 20, width: 18 });
    expect(bandBars(levels, null, size)[0]!.quietY).toBeNull();
  });
});
