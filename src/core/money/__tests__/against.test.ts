import { Replay } from '../../care/replay/replay';
import { reportOn } from '../../care/verdict/report';
import { demoLogbook } from '../../demo/scenario';
import { COMMUTER, GRAVEL, RACER } from '../../demo/island';
import { allEvents } from '../../logbook/chunks';
import type { LubeClass } from '../../lube/classes';
import { DEMO_NOW } from '@/test/demoPlan';
import { againQuestion } from '../question';
import { carePrices } from '../carePrices';
import { costsAgain, middleHalf } from '../against';
import { keepLedger } from '../ledger';
import { spendingOf } from '../sums';

const book = demoLogbook(DEMO_NOW, 'UTC');
const replay = new Replay(book.garage, allEvents(book.log));
const span = [DEMO_NOW - 365 * 86_400_000, DEMO_NOW] as const;
const { entries } = keepLedger(replay.steps, {
  garage: book.garage,
  prices: book.settings.plan,
  perUnit: 100,
});
const { byBike } = spendingOf(entries, replay.steps, span);

const questionOf = (bikeId: string, hourPrice: number) => {
  const report = reportOn(replay, bikeId, book.settings, DEMO_NOW)!;
  const settings = { ...book.settings, plan: { ...book.settings.plan, hourPrice } };
  return againQuestion({ report, replay, settings }, span, 3)!;
};

describe('the same rides under other care', () => {
  it.each([COMMUTER, GRAVEL, RACER])('%s: never is dearest in parts', (bikeId) => {
    const again = questionOf(bikeId, 0);
    const [never] = middleHalf(costsAgain(again, 'never'));
    const [, kept] = middleHalf(costsAgain(again, 'kept'));
    expect(never).toBeGreaterThan(1.3 * kept);
  });

  it('kept as it was comes near to what the books say it cost, though nothing of the one is in the other', () => {
    const again = questionOf(COMMUTER, book.settings.plan.hourPrice);
    const [low, high] = middleHalf(costsAgain(again, 'kept'));
    const spent = byBike.get(COMMUTER)!.total / 100;
    expect(spent).toBeGreaterThan(0.6 * low);
    expect(spent).toBeLessThan(1.6 * high);
  });

  it('is the same each time, sorted, and goes to a worker', () => {
    const again = questionOf(GRAVEL, 12);
    const costs = costsAgain(again, 'monthly');
    expect(costs).toEqual([...costs].sort((a, b) => a - b));
    expect(costsAgain(JSON.parse(JSON.stringify(again)) as typeof again, 'monthly')).toEqual(costs);
  });

  it('takes prices from the garage, else from the plan’s settings, and of works what they came to', () => {
    const { garage, settings, log } = book;
    const pricesIn = (more: Partial<typeof garage>, lube: LubeClass = 'wet') => {
      const other = new Replay({ ...garage, ...more }, allEvents(log));
      const report = reportOn(other, COMMUTER, settings, DEMO_NOW)!;
      return carePrices({ report, replay: other, settings }, lube);
    };
    const prices = pricesIn({});
    expect(prices).toMatchObject({ chain: 32, cassette: 58, ring: null, hour: 12 });
    expect(prices.coat).toBeGreaterThan(0.05);
    expect(prices.coat).toBeLessThan(2);
    // A cassette is good for three chains, and the plan has the share of one: 20.
    expect(pricesIn({ parts: {} }).cassette).toBe(60);
    const priced = (price: number | null) =>
      Object.fromEntries(Object.entries(garage.products).map(([id, p]) => [id, { ...p, price }]));
    // Free is known; unknown is not free.
    expect(pricesIn({ products: priced(0) })).toMatchObject({ coat: 0, clean: 0 });
    expect(pricesIn({ products: priced(null) })).toMatchObject({ coat: null, clean: null });
    // A lube that was never on this bike is priced by its bottle; one that stands nowhere is not.
    expect(pricesIn({}, 'dry').coat).toBeGreaterThan(0);
    expect(pricesIn({}, 'heavy wet').coat).toBeNull();
  });

  it('of no rides is no question', () => {
    const report = reportOn(replay, COMMUTER, book.settings, DEMO_NOW)!;
    const { settings } = book;
    expect(againQuestion({ report, replay, settings }, [0, 1], 1)).toBeNull();
    expect(costsAgain({ ...questionOf(COMMUTER, 0), course: [] }, 'never')).toEqual([]);
  });
});
