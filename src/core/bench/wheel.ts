import { comesOff, hasDisc, isHydraulic, wheelComesOut, type Job } from './job';
import { look } from './look';
import { liesOf } from './prepare';
import { step, type BenchStep } from './steps';
import * as CLOSING from '../words/bench/closing';
import * as SAID from '../words/bench/preparing';

/** The rear wheel out of the frame: after the chain is off, or with the chain on a keeper. */
export function wheelOut(job: Job): BenchStep[] {
  if (!wheelComesOut(job)) return [];
  const { bike } = job;
  const hydraulic = isHydraulic(job);
  const derailleur = bike.gear === 'derailleur';
  return [
    ...(bike.brake === 'rim'
      ? [
          step({
            id: 'rim brake open',
            phase: 'prepare',
            ...SAID.OPEN_RIM_BRAKE,
            acts: ['open rim brake'],
            hands: 0.5,
          }),
        ]
      : []),
    step({
      id: 'wheel out',
      phase: 'prepare',
      ...SAID.wheelOut(bike.wheel, derailleur, !comesOff(job), hasDisc(job)),
      acts: hydraulic ? ['wheel out', 'hands off levers'] : ['wheel out'],
      materials: hydraulic ? ['pad spacer'] : [],
      cautions: hydraulic ? ['lever'] : [],
      hands: 2,
    }),
    ...(comesOff(job)
      ? []
      : [
          step({
            id: 'keeper',
            phase: 'prepare',
            ...SAID.KEEPER,
            acts: ['keeper in'],
            materials: ['chain keeper'],
            hands: 1,
          }),
        ]),
  ];
}

/** The wheel back in the frame, tight, and its brake closed. */
export function wheelIn(job: Job): BenchStep[] {
  if (!wheelComesOut(job)) return [];
  const { bike } = job;
  const derailleur = bike.gear === 'derailleur';
  return [
    ...(comesOff(job)
      ? []
      : [
          step({
            id: 'keeper out',
            phase: 'close',
            ...SAID.KEEPER_OUT,
            acts: ['keeper out'],
            hands: 0.5,
          }),
        ]),
    step({
      id: 'wheel in',
      phase: 'close',
      ...CLOSING.wheelIn(derailleur, hasDisc(job), liesOf(job)),
      acts: ['wheel in'],
      cautions: isHydraulic(job) ? ['lever'] : [],
      hands: 2,
    }),
    // Where the wheel tightens the chain it is made fast with it.
    ...(derailleur
      ? [look({ id: 'wheel tight', ...CLOSING.wheelTight(bike.wheel), failTo: 'wheel in' })]
      : []),
    ...(bike.brake === 'rim'
      ? [look({ id: 'rim brake closed', ...CLOSING.RIM_BRAKE_CLOSED, acts: ['close rim brake'] })]
      : []),
  ];
}
