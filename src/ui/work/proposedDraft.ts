import type { WorkSpec } from '@/core/care/model/work';
import type { LubeClass } from '@/core/lube/classes';
import type { WorkDraft } from './workDraft';

/** The form filled with the proposed work; without a proposal, a top-up with the last lube. */
export function proposedDraft(
  chainId: string,
  spec: WorkSpec | null,
  lastLube: LubeClass | null,
  now: number,
): WorkDraft {
  const common = {
    chainId,
    at: new Date(now).toISOString(),
    note: '',
    bottleId: null,
    cleanerId: null,
    settled: true,
    trial: null,
  };
  if (!spec)
    return {
      ...common,
      method: 'solvent wipe',
      cogsCleaned: false,
      bathCount: 3,
      bathMl: 150,
      drying: 'towel',
      lubeClass: lastLube ?? 'all-weather',
      wiped: true,
      coat: 1,
    };
  return {
    ...common,
    method: spec.method,
    cogsCleaned: spec.cogsCleaned,
    bathCount: spec.baths.count,
    bathMl: spec.baths.ml,
    drying: spec.drying,
    lubeClass: spec.lube?.lubeClass ?? null,
    wiped: spec.lube?.wiped ?? true,
    coat: spec.lube?.coat ?? 1,
  };
}
