import { gritSigmaOf, lifeSigmaOf, type Personal } from '../care/model/personal';
import { LUBE_CLASS_NAMES, LUBE_CLASSES, type LubeClass } from '../lube/classes';
import { settingHours, STORAGE_AIR } from '../weather/drying';
import type { StoragePlace } from '../records/kinds';

/** A lube that may go on: a class of the handbook, or a bottle with what it costs. */
export interface Candidate {
  id: string;
  name: string;
  lubeClass: LubeClass;
  /** Life in dry riding by its label, km; null: its class's. */
  lifeKm: number | null;
  /** Hours to set in workshop air by its label; null: its class's. */
  setHours: number | null;
  /** What was learnt of it on this bike. */
  own: Own;
  /** What a coat costs, in the rider's money; null: not known. */
  costPerCoat: number | null;
  /** Whether it stands on the shelf. */
  owned: boolean;
}

/** What was learnt of a lube on a bike: factors on the handbook, and how far the next coat may lie off. */
export interface Own {
  life: number;
  lifeSigma: number;
  grit: number;
  gritSigma: number;
  /** Notes it was learnt from. */
  notes: number;
}

/** What was learnt, in the few figures a season needs. */
export const ownOf = (p: Personal): Own => ({
  life: p.factors.life,
  lifeSigma: lifeSigmaOf(p),
  grit: p.factors.grit,
  gritSigma: gritSigmaOf(p),
  notes: p.life.seen + p.grit.seen,
});

/** The life a lube is reckoned with, km of dry riding: label or class, as learnt. */
export const lifeKmOf = (c: Candidate): number =>
  (c.lifeKm ?? LUBE_CLASSES[c.lubeClass].lifeKm) * c.own.life;

/** Hours from putting it on to riding, where the bike stands. */
export function leadHours(c: Candidate, storage: StoragePlace): number {
  const traits = LUBE_CLASSES[c.lubeClass];
  return settingHours({ ...traits, setHours: c.setHours ?? traits.setHours }, STORAGE_AIR[storage]);
}

/** Every class of the handbook, its cost not known. */
export const handbookCandidates = (learnt: (lube: string) => Personal): Candidate[] =>
  LUBE_CLASS_NAMES.map((lubeClass) => ({
    id: lubeClass,
    name: `${lubeClass.charAt(0).toUpperCase()}${lubeClass.slice(1)} lube`
      .replace('wax lube', 'wax')
      .replace('oil lube', 'oil'),
    lubeClass,
    lifeKm: null,
    setHours: null,
    own: ownOf(learnt(lubeClass)),
    costPerCoat: null,
    owned: false,
  }));
