import { TEST_GARAGE } from '@/test/arbitraries';
import { fittedBody, rideBody, stamped } from '@/test/events';
import { weatherSeen } from '@/test/weather';
import { Replay } from '../../care/replay/replay';
import { cellOf } from '../../weather/cells';
import { courseOfLog } from '../course';

const PATH: [number, number, number][] = [
  [54.2, -2.9, 0],
  [54.2, -2.9, 60],
];
const at = (day: number) => new Date(Date.UTC(2026, 0, 10 + day, 10)).toISOString();
const fitted = fittedBody(at(0));
const ALL: [number, number] = [0, Date.parse('2027-01-01')];

/** Rides of an hour on days 1 and 3; it rains 2 mm an hour in the first five hours of the day between. */
function rode(storage: 'indoors' | 'outdoors') {
  const bike = {
    ...TEST_GARAGE.bikes.b1!,
    storage,
    mudguards: false,
    chainCase: false,
  };
  const ride = (day: number) => rideBody(at(day), 'b1', 20, { path: PATH, durationH: 1 });
  const replay = new Replay({ ...TEST_GARAGE, bikes: { ...TEST_GARAGE.bikes, b1: bike } }, [
    ...['10', '11', '12', '13'].map((d) =>
      weatherSeen(cellOf(54.2, -2.9), `2026-01-${d}`, (h) => ({
        rainMm: d === '12' && h < 5 ? 2 : 0,
      })),
    ),
    ...stamped([fitted, ride(1), ride(3)]),
  ]);
  return courseOfLog(replay.steps, 'b1', ALL);
}

describe('rides as they were, for another way of keeping the chain', () => {
  it('bring the rain that fell on the bike where it stood outdoors', () => {
    // 5 h of 2 mm on a bike without fenders or chain case.
    expect(rode('outdoors').map((leg) => leg.stoodMm)).toEqual([0, 10]);
    expect(rode('indoors').map((leg) => leg.stoodMm)).toEqual([0, 0]);
  });

  it('are those of one bike between two moments', () => {
    const [first, second] = rode('indoors');
    expect([first!.at, second!.at]).toEqual([Date.parse(at(1)), Date.parse(at(3))]);
    expect(first!.x.km).toBe(20);
  });
});
