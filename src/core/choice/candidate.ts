import { LUBE_CLASS_NAMES, type LubeClass } from '../lube';

/** A lube that may go on: a class of the handbook, or a bottle with what it costs. */
export interface Candidate {
  id: string;
  name: string;
  lubeClass: LubeClass;
  /** Life in dry riding, km: the label's or the learnt one where it differs from the class's. */
  lifeKm: number | null;
  /** What a coat costs, in the rider's money; null: not known. */
  costPerCoat: number | null;
  /** Whether it stands on the shelf. */
  owned: boolean;
}

/** Every class of the handbook, its cost not known. */
export const handbookCandidates = (): Candidate[] =>
  LUBE_CLASS_NAMES.map((lubeClass) => ({
    id: lubeClass,
    name: `${lubeClass.charAt(0).toUpperCase()}${lubeClass.slice(1)} lube`
      .replace('wax lube', 'wax')
      .replace('oil lube', 'oil'),
    lubeClass,
    lifeKm: null,
    costPerCoat: null,
    owned: false,
  }));
