import { comesOff, hasDisc, isHydraulic, usesDegreaser, type Job } from './job';
import { step, type Act, type Step } from './steps';

/** What keeps a rider safe after the work: seen each time, never passed by itself. */
export function closing(job: Job, done: ReadonlySet<Act>): Step[] {
  const steps: Step[] = [];
  const off = comesOff(job);
  const { bike, chain } = job;
  if (off) {
    steps.push(
      step(
        'chain on',
        'close',
        'Lay the chain through the chainstay, over the cog, between the jockey wheels, and close it.',
        'Nothing pulls at it yet: keep the loop of slack.',
        {
          acts: ['chain on'],
          hands: 4,
          materials: chain.closure === 'reusable link' ? [] : ['new link or pin'],
        },
      ),
    );
    if (bike.gear === 'derailleur')
      steps.push(
        look(
          'routed',
          'Look from the side: does the chain run straight between the jockey wheels and inside the tab of the cage?',
          'Wrong, it still spins and shifts: only the eye finds it.',
          'chain on',
          'Open it and lay it inside the tab.',
          'routing',
        ),
      );
    steps.push(
      look(
        'link seated',
        'Link on the upper run, rear brake held, press the pedal: has it clicked in, both ends level?',
        'A link half closed opens under load.',
        'chain on',
        'Close it again, or take a new link.',
        'arrow',
      ),
    );
    if (chain.directional)
      steps.push(
        look(
          'direction',
          'Arrow forward on the upper run, markings outwards?',
          'Chain or link runs one way only.',
          'chain on',
          'Turn it round.',
          'arrow',
        ),
      );
  }
  if (done.has('wheel out'))
    steps.push(
      step(
        'wheel in',
        'close',
        'Put the wheel back, seated on both sides.',
        'The chain on the smallest cog, the rotor between the pads.',
        { acts: ['wheel in'], cautions: isHydraulic(job) ? ['lever'] : [], hands: 2 },
      ),
      look(
        'wheel tight',
        WHEEL[bike.wheel],
        'A wheel that is loose comes out.',
        'wheel in',
        'Seat it and tighten it again.',
        null,
      ),
    );
  if (hasDisc(job) && (usesDegreaser(job) || job.lube !== null) && done.has('rotor covered'))
    steps.push(
      step(
        'uncover',
        'close',
        job.workshop.schools.rotor === 'alcohol'
          ? 'Uncover the rotor. If anything touched it: alcohol or brake cleaner on a clean rag, the rotor cool.'
          : 'Uncover the rotor. If anything touched it: soapy water, rinsed and dried, the rotor cool.',
        'Oiled pads are replaced, not cleaned.',
        { cautions: ['rotor'] },
      ),
    );
  if (
    job.addOns.includes('brakes') ||
    done.has('wheel out') ||
    done.has('upside down') ||
    (hasDisc(job) && usesDegreaser(job))
  )
    steps.push(
      look(
        'brakes',
        isHydraulic(job)
          ? 'Bike upright, pull both levers: firm, and do they hold at walking pace?'
          : 'Pull both levers: do they hold at walking pace?',
        isHydraulic(job)
          ? 'After standing upside down air may be in the wrong place.'
          : 'A brake is tested before the ride, not on it.',
        null,
        'Do not ride. Clean rotor and rim, pull the levers a few times; if it stays weak: a workshop.',
        null,
        ['lever check'],
      ),
    );
  steps.push(
    look(
      'listen',
      'Turn the cranks and listen: does it run quietly and freely?',
      'A quiet bike is how you know that all is well.',
      null,
      'Find it before you ride: see “Trouble” below.',
      null,
    ),
  );
  return steps;
}

const WHEEL = {
  'quick release':
    'Lever closed with force, and pointing where nothing catches it: is the wheel tight?',
  'thru axle': 'Axle screwed home and its lever closed: is the wheel tight?',
  nuts: 'Both nuts tightened evenly: is the wheel tight and straight?',
} as const;

function look(
  id: string,
  ask: string,
  why: string,
  failTo: string | null,
  failWhy: string,
  drawing: Step['drawing'],
  acts: readonly Act[] = [],
): Step {
  const kind = id === 'listen' ? 'listen' : 'look';
  return step(id, 'close', ask, why, {
    acts,
    drawing,
    hands: 0.5,
    check: { kind, ask, failTo: failTo ?? id, failWhy },
  });
}
