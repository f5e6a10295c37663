import { comesOff, hasDisc, isHydraulic, usesDegreaser, type Job } from './job';
import { step, type Act, type BenchStep, type StepId } from './steps';

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
    what: 'Turn the cranks and listen: does it run quietly and freely?',
    why: 'A quiet bike is how you know that all is well.',
    failWhy: 'Find it before you ride: see “Trouble” below.',
  }),
];

/** The chain back on the bike, and what only the eye finds. */
function chainOn({ bike, chain }: Job): BenchStep[] {
  const steps = [
    step({
      id: 'chain on',
      phase: 'close',
      what: 'Lay the chain through the chainstay, over the cog, between the jockey wheels, and close it.',
      why: 'Nothing pulls at it yet: keep the loop of slack.',
      acts: ['chain on'],
      hands: 4,
      materials: chain.closure === 'reusable link' ? [] : ['new link or pin'],
    }),
  ];
  if (bike.gear === 'derailleur')
    steps.push(
      look({
        id: 'routed',
        what: 'Look from the side: does the chain run straight between the jockey wheels and inside the tab of the cage?',
        why: 'Wrong, it still spins and shifts: only the eye finds it.',
        failTo: 'chain on',
        failWhy: 'Open it and lay it inside the tab.',
        drawing: 'routing',
      }),
    );
  steps.push(
    look({
      id: 'link seated',
      what: 'Link on the upper run, rear brake held, press the pedal: has it clicked in, both ends level?',
      why: 'A link half closed opens under load.',
      failTo: 'chain on',
      failWhy: 'Close it again, or take a new link.',
      drawing: 'arrow',
    }),
  );
  if (chain.directional)
    steps.push(
      look({
        id: 'direction',
        what: 'Arrow forward on the upper run, markings outwards?',
        why: 'Chain or link runs one way only.',
        failTo: 'chain on',
        failWhy: 'Turn it round.',
        drawing: 'arrow',
      }),
    );
  return steps;
}

const wheelIn = (job: Job): BenchStep[] => [
  step({
    id: 'wheel in',
    phase: 'close',
    what: 'Put the wheel back, seated on both sides.',
    why: 'The chain on the smallest cog, the rotor between the pads.',
    acts: ['wheel in'],
    cautions: isHydraulic(job) ? ['lever'] : [],
    hands: 2,
  }),
  look({
    id: 'wheel tight',
    what: WHEEL[job.bike.wheel],
    why: 'A wheel that is loose comes out.',
    failTo: 'wheel in',
    failWhy: 'Seat it and tighten it again.',
  }),
];

const uncover = (job: Job): BenchStep =>
  step({
    id: 'uncover',
    phase: 'close',
    what:
      job.workshop.schools.rotor === 'alcohol'
        ? 'Uncover the rotor. If anything touched it: alcohol or brake cleaner on a clean rag, the rotor cool.'
        : 'Uncover the rotor. If anything touched it: soapy water, rinsed and dried, the rotor cool.',
    why: 'Oiled pads are replaced, not cleaned.',
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
    what: isHydraulic(job)
      ? 'Bike upright, pull both levers: firm, and do they hold at walking pace?'
      : 'Pull both levers: do they hold at walking pace?',
    why: isHydraulic(job)
      ? 'After standing upside down air may be in the wrong place.'
      : 'A brake is tested before the ride, not on it.',
    failWhy:
      'Do not ride. Clean rotor and rim, pull the levers a few times; if it stays weak: a workshop.',
    acts: ['lever check'],
  });

const WHEEL = {
  'quick release':
    'Lever closed with force, and pointing where nothing catches it: is the wheel tight?',
  'thru axle': 'Axle screwed home and its lever closed: is the wheel tight?',
  nuts: 'Both nuts tightened evenly: is the wheel tight and straight?',
} as const;

/** What a look asks; `failTo`: where to go back to when it fails, by default to the look itself. */
interface Look {
  id: StepId;
  what: string;
  why: string;
  failTo?: StepId;
  failWhy: string;
  drawing?: BenchStep['drawing'];
  acts?: readonly Act[];
}

function look({ failTo, failWhy, drawing = null, acts = [], ...said }: Look): BenchStep {
  const kind = said.id === 'listen' ? 'listen' : 'look';
  return step({
    ...said,
    phase: 'close',
    acts,
    drawing,
    hands: 0.5,
    check: { kind, ask: said.what, failTo: failTo ?? said.id, failWhy },
  });
}
