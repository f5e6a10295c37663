import { CARE } from '../care/model/constants';
import { LUBE_CLASSES, type LubeClass } from '../lube/classes';
import { lifeKmOf, type Candidate } from './candidate';
import { exposureFor, kmPerWeek, type RidingProfile } from './profile';

/** Film a clean coat loses per km: worn off, washed off and dried out while it stands. */
export function filmPerKm(c: Candidate, profile: RidingProfile, wetShare: number): number {
  const traits = LUBE_CLASSES[c.lubeClass];
  const x = exposureFor(profile, wetShare);
  const worn = x.load / lifeKmOf(c);
  const washed = (traits.washPerMm * x.waterMm) / x.km;
  return worn + washed + traits.idlePerWeek / kmPerWeek(profile);
}

/**
 * Expected km from a full coat to the reserve, on a clean chain in steady riding: the film falls by
 * `filmPerKm`, so `(1 − 0.15) / filmPerKm`. The season tells what rides in lumps and dirt make of it.
 */
export const intervalKm = (c: Candidate, profile: RidingProfile, wetShare: number): number =>
  (1 - CARE.reserve.value) / filmPerKm(c, profile, wetShare);

/** Km in the dry from a full coat of a class to the reserve: when it is lubed again, and hot wax goes back into the pot. */
export const dryIntervalKm = (lubeClass: LubeClass): number =>
  LUBE_CLASSES[lubeClass].lifeKm * (1 - CARE.reserve.value);

/** A lube's interval at wet shares from 0 to 1, evenly spaced. */
export interface IntervalLine {
  id: string;
  name: string;
  km: number[];
}

const LINE_STEPS = 20;

/** The line of a lube's interval over the wet share, for drawing. */
export const intervalLine = (c: Candidate, profile: RidingProfile): IntervalLine => ({
  id: c.id,
  name: c.name,
  km: Array.from({ length: LINE_STEPS + 1 }, (_, n) => intervalKm(c, profile, n / LINE_STEPS)),
});

/**
 * The wet share at which `b` begins to outlast `a`: film loss is linear in it, so the lines cross once
 * at most. Null where they do not between 0 and 1.
 */
export function crossing(a: Candidate, b: Candidate, profile: RidingProfile): number | null {
  const dry = filmPerKm(a, profile, 0) - filmPerKm(b, profile, 0);
  const wet = filmPerKm(a, profile, 1) - filmPerKm(b, profile, 1);
  if (dry === wet || dry * wet > 0) return null;
  return dry / (dry - wet);
}
