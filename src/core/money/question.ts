import { inFull } from '../care/replay/step';
import { wearLimitPercent } from '../chain/geometry';
import { courseOfLog } from '../years/course';
import { keptOf } from '../years/kept';
import { lubeAsked, lubeOn } from '../years/question';
import type { Again } from './against';
import { carePrices, type AboutPrices } from './carePrices';

/** The rides of a bike between two moments (ms), to be played again with other care; null where there was none. */
export function againQuestion(
  about: AboutPrices,
  span: readonly [number, number],
  seed: number,
): Again | null {
  const { report, replay, settings } = about;
  const { bike } = report;
  const course = courseOfLog(replay.steps, bike.id, span);
  const first = replay.steps.find(
    ({ event }) =>
      event.type === 'rideLogged' &&
      event.bikeId === bike.id &&
      Date.parse(event.at) === course[0]?.at,
  );
  const before = first && inFull(first).before;
  if (!first || !before) return null;
  const lube = before.lube ?? lubeOn(report);
  const { own, sigma } = lubeAsked(about, lube);
  return {
    course,
    start: { state: before, cogs: first.cogsBefore },
    limit: wearLimitPercent(bike.speeds, bike.gear),
    lube,
    standard: settings.standard,
    between: settings.schools.between,
    kept: keptOf(replay.steps, bike.id, span),
    prices: carePrices(about, lube),
    own,
    sigma,
    seed,
  };
}
