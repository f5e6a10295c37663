import { METHODS } from '../care/model/work';
import type { ReplayStep } from '../care/replay/step';
import type { Kept } from './regimes';

/** Less ridden than this says nothing of a rider's way. Own choice. */
const TELLING_KM = 200;

/** How a bike was kept between two moments (ms): km from coat to coat, clean to clean, wipe to wipe. */
export function keptOf(
  steps: readonly ReplayStep[],
  bikeId: string,
  [from, to]: readonly [number, number],
): Kept {
  let [km, coats, cleans, wipes] = [0, 0, 0, 0];
  for (const { event, bikeId: of } of steps) {
    const at = Date.parse(event.at);
    if (of !== bikeId || at < from || at >= to) continue;
    if (event.type === 'rideLogged') km += event.distanceKm;
    if (event.type !== 'workDone') continue;
    if (METHODS[event.method].deep) cleans += 1;
    else if (event.lube) coats += 1;
    else if (event.method !== 'none') wipes += 1;
  }
  const every = (count: number) => (count > 0 && km >= TELLING_KM ? km / count : null);
  return { kmPerCoat: every(coats + cleans), kmPerClean: every(cleans), kmPerWipe: every(wipes) };
}
