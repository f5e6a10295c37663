import { NOT_LEARNT } from '@/core/care/model/personal';
import { Replay } from '@/core/care/replay/replay';
import { profileOf } from '@/core/choice/profile';
import { rideSeason, type SeasonPlan } from '@/core/choice/season';
import { demoLogbook } from '@/core/demo/scenario';
import { DEFAULT_SCHOOLS } from '@/core/lube/schools';
import { allEvents } from '@/core/logbook/chunks';
import { candidatesOf } from '@/core/choice/candidates';
import { report, timed } from './report';

const NOW = Date.parse('2026-11-24T10:00:00Z');
const REPLAYS = 200;
const demo = demoLogbook(NOW, 'Europe/London');
const log = allEvents(demo.log);
const { steps } = new Replay(demo.garage, log);

/** As the worker does it: every bike, eight lubes, eleven wet shares, twenty futures of half a year. */
function chooseForAll(): void {
  for (const bike of Object.values(demo.garage.bikes)) {
    const plan: SeasonPlan = {
      profile: profileOf(steps, bike, 'season', NOW),
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
    for (const candidate of candidatesOf(demo.garage.products, coat, () => NOT_LEARNT))
      for (let n = 0; n <= 10; n++) rideSeason(candidate, plan, n / 10);
  }
}

chooseForAll();
const ours = timed(chooseForAll);
const replays = timed(() => {
  for (let n = 0; n < REPLAYS; n++) new Replay(demo.garage, log);
});
report(
  'The choice for three bikes and eight lubes over a season, times 200 replays of the demo log',
  ours / replays,
  1,
  `${(ours / 1000).toFixed(2)} s against ${(replays / 1000).toFixed(2)} s, the second run of each in one process`,
);
