import { Replay } from '../../care/replay/replay';
import { demoLogbook } from '../../demo/scenario';
import { GRAVEL } from '../../demo/island';
import { allEvents } from '../../logbook/chunks';
import { DEMO_NOW } from '@/test/demoPlan';
import { allWatts, wattLedger } from '../ledger';
import { wattMonths } from '../months';

const book = demoLogbook(DEMO_NOW, 'UTC');
const { steps } = new Replay(book.garage, allEvents(book.log));
const BESIDE = { crossing: 0.4, power: 250 };

describe('watts by month', () => {
  it('are the mean over riding hours of what the chain took before and after each ride, by another way', () => {
    const months = wattMonths(steps, GRAVEL, { ...BESIDE, from: 0 });
    expect(months.length).toBeGreaterThan(5);
    for (const [n, month] of months.entries()) {
      const end = months[n + 1]?.start ?? Infinity;
      let [watts, hours] = [0, 0];
      for (const { event, from, after, exposure } of steps) {
        const at = Date.parse(event.at);
        if (event.type !== 'rideLogged' || event.bikeId !== GRAVEL || !from || !after) continue;
        if (at < month.start || at >= end) continue;
        const ends = [from, after].map((s) => allWatts(wattLedger(s, { ...BESIDE, faults: [] })));
        watts += ((ends[0]! + ends[1]!) / 2) * exposure!.hours;
        hours += exposure!.hours;
      }
      expect(month.watts).toBeCloseTo(watts / hours, 9);
      expect(month.ledger.quality).toBeNull();
    }
  });

  it('leave out what lies before, and are none without rides', () => {
    const all = wattMonths(steps, null, { ...BESIDE, from: 0 });
    const late = wattMonths(steps, null, { ...BESIDE, from: all[3]!.start });
    expect(late).toEqual(all.slice(3));
    expect(wattMonths([], null, { ...BESIDE, from: 0 })).toEqual([]);
  });
});
