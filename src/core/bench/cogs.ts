import { cranksDrive, type Job } from './job';
import { step, type BenchStep } from './steps';

/** Jockey wheels, cassette and rings: a clean chain on dirty cogs is dirty again at once. */
export function cogSteps(job: Job): BenchStep[] {
  const { gear, narrowWide } = job.bike;
  const still = stillness(job);
  return [
    ...(gear === 'derailleur' ? [jockeyWheels(job)] : []),
    step({
      id: 'cassette',
      phase: 'clean',
      what:
        gear === 'derailleur'
          ? 'Cranks still: floss between the cogs with a rag’s edge, then brush.'
          : 'Cranks still: brush the cog, front and back.',
      why: 'Dirt sits between the cogs, where no chain cleaner reaches.',
      acts: gear === 'derailleur' ? ['cassette'] : ['cassette', 'jockey wheels'],
      materials: ['rag', 'brush'],
      cautions: still,
      hands: 4,
    }),
    step({
      id: 'chainrings',
      phase: 'clean',
      what: narrowWide
        ? 'Brush the ring, behind it too, and scrape out between its wide teeth.'
        : 'Brush the rings, behind them too.',
      why: narrowWide
        ? 'A narrow-wide ring packed with dirt throws the chain.'
        : 'What stays on them comes back onto the chain.',
      materials: ['brush'],
      cautions: still,
      hands: 2,
    }),
  ];
}

const stillness = (job: Job) =>
  cranksDrive(job) ? (['driven cranks'] as const) : (['fingers'] as const);

const jockeyWheels = (job: Job): BenchStep =>
  step({
    id: 'jockey wheels',
    phase: 'clean',
    what: cranksDrive(job)
      ? 'Scrape and brush both jockey wheels, standing still.'
      : 'Hold a brush or scraper against each jockey wheel and turn slowly backwards.',
    why: 'They hand their dirt straight back to the chain.',
    acts: ['jockey wheels'],
    check: {
      kind: 'spin',
      ask: 'Clean, and do both spin freely when flicked?',
      failTo: 'jockey wheels',
      failWhy:
        'Scrape round their bearings once more. One that stays stiff is replaced; degreaser stays out of it.',
    },
    materials: ['brush or scraper'],
    cautions: stillness(job),
    hands: 3,
  });
