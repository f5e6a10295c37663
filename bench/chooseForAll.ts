import { NOT_LEARNT } from '@/core/care/model/personal';
import type { Replay } from '@/core/care/replay/replay';
import { candidatesOf } from '@/core/choice/candidates';
import { profileOf } from '@/core/choice/profile';
import { rideSeason, type SeasonPlan } from '@/core/choice/season';
import { DEFAULT_SCHOOLS } from '@/core/lube/schools';
import type { Garage } from '@/core/records/garage';

/** As the worker does it: every bike, each lube, eleven wet shares, twenty futures of half a year. */
export function chooseForAll(garage: Garage, steps: Replay['steps'], now: number): void {
  for (const bike of Object.values(garage.bikes)) {
    const plan: SeasonPlan = {
      profile: profileOf(steps, bike, 'season', now),
      storage: bike.storage,
      standard: 'tidy',
      habit: 'due',
      oldCoat: 'wipe',
      between: 'solvent',
      costPerClean: null,
      weeks: 26,
      futures: 20,
      seed: 1866,
    };
    const coat = { links: 114, ebike: bike.ebike, dropsPerMl: 25, schools: DEFAULT_SCHOOLS };
    for (const candidate of candidatesOf(garage.products, coat, () => NOT_LEARNT))
      for (let n = 0; n <= 10; n++) rideSeason(candidate, plan, n / 10);
  }
}
