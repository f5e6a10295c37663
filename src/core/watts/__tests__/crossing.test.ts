import { TEST_GARAGE } from '@/test/arbitraries';
import { crossingOf, gearMap, usualCrossing } from '../gears';

it('what crossing costs is the usual where no ride recorded its gears, and nothing on a hub gear', () => {
  const bike = TEST_GARAGE.bikes.b1!;
  expect(crossingOf(bike, [])).toMatchObject({ time: null, watts: usualCrossing(gearMap(bike)!) });
  const hub = { ...bike, gear: 'hub' as const };
  expect(crossingOf(hub, [])).toEqual({ map: null, time: null, watts: 0 });
});
