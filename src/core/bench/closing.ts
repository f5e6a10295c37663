import { comesOff, hasDisc, isHydraulic, usesDegreaser, type Job } from './job';
import { step, type Act, type BenchStep, type StepId } from './steps';
import * as SAID from '../words/bench/closing';

/** What keeps a rider safe after the work: seen each time, never passed by itself. */
export const closing = (job: Job, done: ReadonlySet<Act>): BenchStep[] => [
  ...(comesOff(job) ? chainOn(job) : []),
  ...(done.has('wheel out') ? wheelIn(job) : []),
  ...(hasDisc(job) && (usesDegreaser(job) || job.lube !== null) && done.has('rotor covered')
    ? [uncover(job)]
    : []),
  ...(mayWeakenBrakes(job, done) ? [brakes(job)] : []),
  look({
    id: 'listen',
    ...SAID.LISTEN,
  }),
];

/** The chain back on the bike, and what only the eye finds. */
function chainOn({ bike, chain }: Job): BenchStep[] {
  const steps = [
    step({
      id: 'chain on',
      phase: 'close',
      ...SAID.CHAIN_ON,
      acts: ['chain on'],
      hands: 4,
      materials: chain.closure === 'reusable link' ? [] : ['new link or pin'],
    }),
  ];
  if (bike.gear === 'derailleur')
    steps.push(
      look({
        id: 'routed',
        ...SAID.ROUTED,
        failTo: 'chain on',
        drawing: 'routing',
      }),
    );
  steps.push(
    look({
      id: 'link seated',
      ...SAID.LINK_SEATED,
      failTo: 'chain on',
      drawing: 'arrow',
    }),
  );
  if (chain.directional)
    steps.push(
      look({
        id: 'direction',
        ...SAID.DIRECTION,
        failTo: 'chain on',
        drawing: 'arrow',
      }),
    );
  return steps;
}

const wheelIn = (job: Job): BenchStep[] => [
  step({
    id: 'wheel in',
    phase: 'close',
    ...SAID.WHEEL_IN,
    acts: ['wheel in'],
    cautions: isHydraulic(job) ? ['lever'] : [],
    hands: 2,
  }),
  look({
    id: 'wheel tight',
    ...SAID.wheelTight(job.bike.wheel),
    failTo: 'wheel in',
  }),
];

const uncover = (job: Job): BenchStep =>
  step({
    id: 'uncover',
    phase: 'close',
    ...SAID.uncover(job.workshop.schools.rotor === 'alcohol'),
    cautions: ['rotor'],
  });

const mayWeakenBrakes = (job: Job, done: ReadonlySet<Act>): boolean =>
  job.addOns.includes('brakes') ||
  done.has('wheel out') ||
  done.has('upside down') ||
  (hasDisc(job) && usesDegreaser(job));

const brakes = (job: Job): BenchStep =>
  look({
    id: 'brakes',
    ...SAID.brakes(isHydraulic(job)),
    acts: ['lever check'],
  });

/** What a look asks; `failTo`: where to go back to when it fails, by default to the look itself. */
interface Look extends SAID.LookSaid {
  id: StepId;
  failTo?: StepId;
  drawing?: BenchStep['drawing'];
  acts?: readonly Act[];
}

function look({ failTo, failWhy, drawing = null, acts = [], ...look }: Look): BenchStep {
  const kind = look.id === 'listen' ? 'listen' : 'look';
  return step({
    ...look,
    phase: 'close',
    acts,
    drawing,
    hands: 0.5,
    check: { kind, ask: look.what, failTo: failTo ?? look.id, failWhy },
  });
}
