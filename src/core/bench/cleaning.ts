import { comesOff, cranksDrive, isHydraulic, mustStrip, owns, type Job } from './job';
import { turnsFor } from './prepare';
import { step, type Step } from './steps';
import { ragStep } from './wiping';

/** Minutes degreaser works on the bike, and a chain soaks off it. Common practice; the label has the word. */
const DWELL_MIN = 3;
const SOAK_MIN = 30;
const BATH_MIN = 2;

const DEGREASER = 'degreaser whose label allows chains';
const wetted = (job: Job): 'rag' | 'water' => (job.workshop.water === 'none' ? 'rag' : 'water');

/** Jockey wheels, cassette and rings: a clean chain on dirty cogs is dirty again at once. */
export function cogSteps(job: Job): Step[] {
  const { gear, narrowWide } = job.bike;
  const still = cranksDrive(job) ? (['driven cranks'] as const) : (['fingers'] as const);
  const steps: Step[] = [];
  if (gear === 'derailleur')
    steps.push(
      step(
        'jockey wheels',
        'clean',
        cranksDrive(job)
          ? 'Scrape and brush both jockey wheels, standing still.'
          : 'Hold a brush or scraper against each jockey wheel and turn slowly backwards.',
        'They hand their dirt straight back to the chain.',
        {
          acts: ['jockey wheels'],
          check: {
            kind: 'spin',
            ask: 'Clean, and do both spin freely when flicked?',
            failTo: 'jockey wheels',
            failWhy:
              'Scrape round their bearings once more. One that stays stiff is replaced; degreaser stays out of it.',
          },
          materials: ['brush or scraper'],
          cautions: still,
          hands: 3,
        },
      ),
    );
  steps.push(
    step(
      'cassette',
      'clean',
      gear === 'derailleur'
        ? 'Cranks still: floss between the cogs with a rag’s edge, then brush.'
        : 'Cranks still: brush the cog, front and back.',
      'Dirt sits between the cogs, where no chain cleaner reaches.',
      {
        acts: gear === 'derailleur' ? ['cassette'] : ['cassette', 'jockey wheels'],
        materials: ['rag', 'brush'],
        cautions: still,
        hands: 4,
      },
    ),
    step(
      'chainrings',
      'clean',
      narrowWide
        ? 'Brush the ring, behind it too, and scrape out between its wide teeth.'
        : 'Brush the rings, behind them too.',
      narrowWide
        ? 'A narrow-wide ring packed with dirt throws the chain.'
        : 'What stays on them comes back onto the chain.',
      {
        materials: ['brush'],
        cautions: still,
        hands: 2,
      },
    ),
  );
  return steps;
}

/** Brush or scrubber with degreaser, the chain on the bike. */
export function onBike(job: Job): Step[] {
  const strip = mustStrip(job) ? (['strip'] as const) : [];
  const apply =
    job.clean === 'scrubber' && job.depth === 'on-bike clean'
      ? step(
          'scrub',
          'clean',
          'Fill the scrubber, clip it on the lower run, and turn slowly backwards.',
          'Its brushes reach between the plates from four sides.',
          {
            acts: ['degreaser', ...strip],
            materials: ['scrubber', job.degreaser ?? DEGREASER],
            cautions: ['fingers', 'solvent'],
            hands: 4,
            counter: { kind: 'turns', count: Math.max(30, turnsFor(job, 10)), perMinute: 40 },
            timer: { label: 'Degreaser works', minutes: DWELL_MIN },
          },
        )
      : step(
          'degrease',
          'clean',
          'Brush degreaser onto the chain, all the way round. Never spray it.',
          'It needs a few minutes to get under the dirt.',
          {
            acts: ['degreaser', ...strip],
            materials: ['brush', job.degreaser ?? DEGREASER],
            cautions: [cranksDrive(job) ? 'driven cranks' : 'fingers', 'solvent'],
            hands: 3,
            timer: { label: 'Degreaser works', minutes: DWELL_MIN },
          },
        );
  const brush =
    apply.id === 'scrub'
      ? []
      : [
          step(
            'brush',
            'clean',
            cranksDrive(job)
              ? 'Brush the chain from four sides, a stretch at a time, standing still.'
              : 'Brush the chain from four sides while you turn slowly backwards.',
            'The rollers and the gaps between plates hold most of it.',
            {
              materials: ['brush'],
              cautions: [cranksDrive(job) ? 'driven cranks' : 'fingers'],
              waitsFor: apply.id,
              hands: 4,
              ...(cranksDrive(job)
                ? {}
                : { counter: { kind: 'turns' as const, count: turnsFor(job, 4), perMinute: 30 } }),
            },
          ),
        ];
  return [apply, ...cogSteps(job), ...brush, ...rinse(job, apply.id)];
}

/** Off the degreaser, with water or without. */
function rinse(job: Job, after: string): Step[] {
  if (wetted(job) === 'rag')
    return [
      ragStep(
        job,
        'take off',
        {
          what: 'Wipe the degreaser off with fresh rags until they stay dry',
          why: 'Degreaser left behind fights the lube.',
        },
        { phase: 'rinse', waitsFor: after },
      ),
    ];
  const low =
    job.workshop.water === 'hose'
      ? 'a soft stream, never a pressure washer'
      : 'a bottle of warm water';
  return [
    step(
      'rinse',
      'rinse',
      `Rinse chain, cogs and rings well with ${low}.`,
      'Degreaser left behind fights the lube; pressure drives water into bearings.',
      {
        acts: ['rinse', 'water'],
        materials: ['water'],
        waitsFor: after,
        hands: 3,
      },
    ),
    step(
      'residue',
      'check',
      'Look along the chain in good light.',
      'White or foaming residue is degreaser that stayed.',
      {
        hands: 0.5,
        check: {
          kind: 'residue',
          ask: 'Is it free of white residue?',
          failTo: 'rinse',
          failWhy: 'There is degreaser left: rinse once more.',
        },
      },
    ),
  ];
}

/** Towel, then air or time: water sits inside the pins long after the outside looks dry. */
export function drying(job: Job): Step[] {
  const towel = ragOff(job)
    ? step(
        'towel',
        'dry',
        'Pull the chain through a dry towel.',
        'What the towel takes need not dry.',
        { acts: ['dried'], materials: ['towel'] },
      )
    : ragStep(
        job,
        'towel',
        { what: 'Hold a dry towel round the chain', why: 'What the towel takes need not dry.' },
        { phase: 'dry', acts: ['dried'], materials: ['towel'] },
      );
  const air = owns(job, 'air');
  const minutes = Math.round((air ? job.dryHours.air : job.dryHours.towel) * 60);
  const rest = air
    ? step(
        'air',
        'dry',
        'Blow the chain out, link by link, away from your eyes.',
        'Water sits inside the pins long after the outside looks dry.',
        {
          acts: ['dried'],
          materials: ['air'],
          hands: 2,
          timer: { label: 'Dries', minutes },
        },
      )
    : step(
        'hang',
        'dry',
        ragOff(job) ? 'Hang the chain somewhere warm.' : 'Tip the frame to drain, somewhere warm.',
        'Water sits inside the pins long after the outside looks dry.',
        {
          acts: ['dried'],
          hands: 0.5,
          timer: { label: 'Dries', minutes },
        },
      );
  return [
    towel,
    rest,
    step('is dry', 'dry', 'Wait until it is dry inside too.', 'Lube does not stick to water.', {
      waitsFor: rest.id,
      hands: 0.5,
    }),
  ];
}

const ragOff = (job: Job): boolean => comesOff(job);

/** Opening the chain and taking it off. */
export function chainOff(job: Job): Step[] {
  if (job.depth === 'new-chain strip') return [];
  const once = job.chain.closure !== 'reusable link';
  const steps = [
    step(
      'unload',
      'prepare',
      'Tie a loop of slack into the chain with a string or hook, so that nothing pulls at the link.',
      'Under tension it whips when it opens.',
      {
        materials: ['string or wire hook'],
        cautions: ['tension'],
        drawing: 'unload',
      },
    ),
    step(
      'open',
      'prepare',
      once
        ? 'Open the chain, and put the old link or pin aside: it is not used again.'
        : `Open the quick link${owns(job, 'link pliers') ? ' with the pliers' : ''}, holding both ends, and draw the chain out.`,
      once
        ? 'Used a second time it can let go.'
        : `${openingsText(job.openings)} A link that opens by hand is worn.`,
      {
        acts: ['chain off'],
        materials: [once ? 'chain tool' : owns(job, 'link pliers') ? 'link pliers' : 'pliers'],
        cautions: once ? ['closes once', 'tension'] : ['tension'],
        hands: 3,
      },
    ),
  ];
  if (owns(job, 'chain keeper') && job.depth !== 'wax reset')
    steps.push(
      step(
        'wheel out',
        'prepare',
        'Take the rear wheel out and put the chain keeper in its place. Lay the wheel rotor up.',
        isHydraulic(job)
          ? 'Do not touch the brake lever while the wheel is out: the pistons come out. Put the spacer in.'
          : 'The cassette is reached from both sides.',
        {
          acts: ['wheel out'],
          materials: ['chain keeper', ...(isHydraulic(job) ? ['pad spacer'] : [])],
          cautions: isHydraulic(job) ? ['lever'] : [],
          hands: 2,
        },
      ),
    );
  return steps;
}

const openingsText = (n: number): string =>
  n === 0
    ? 'First opening on record.'
    : `Opened ${n} ${n === 1 ? 'time' : 'times'} before, by the log.`;

/** Baths or a soak in a closed jar, and the cogs meanwhile. */
export function baths(job: Job): Step[] {
  const strip = mustStrip(job) || job.depth === 'new-chain strip' ? (['strip'] as const) : [];
  const soak = job.depth === 'soak';
  const count = soak ? 1 : job.baths.count;
  const first = step(
    'soak',
    'clean',
    soak
      ? 'Lay the chain in degreaser in a jar, lid on loosely.'
      : `First bath: chain and ${job.baths.ml} ml of degreaser into the jar, shake for a minute, let it stand.`,
    soak
      ? 'By the label, and hours at most.'
      : 'Each fresh bath takes most of what the last one left.',
    {
      acts: ['degreaser', 'bath', ...strip],
      materials: [
        'jar with a lid',
        `${soak ? 150 : job.baths.ml * count} ml of ${job.degreaser ?? DEGREASER}`,
      ],
      cautions: ['solvent', 'jar'],
      hands: 2,
      timer: { label: soak ? 'Soaks' : 'First bath', minutes: soak ? SOAK_MIN : BATH_MIN * 5 },
    },
  );
  const meanwhile = job.depth === 'new-chain strip' ? [] : cogSteps(job);
  const more = Array.from({ length: Math.max(0, count - 1) }, (_, n) =>
    step(
      `bath ${n + 2}`,
      'clean',
      `Bath ${n + 2}: pour off into the settling jar, fresh degreaser, shake for a minute.`,
      'Until what comes off is hardly darker than what went in.',
      {
        acts: ['degreaser', 'bath'],
        cautions: ['jar'],
        ...(n === 0 ? { waitsFor: 'soak' } : { waitsFor: `bath ${n + 1}` }),
        hands: 2,
        timer: { label: `Bath ${n + 2}`, minutes: BATH_MIN },
      },
    ),
  );
  const last = more.at(-1)?.id ?? 'soak';
  const water = wetted(job) === 'water';
  return [
    first,
    ...meanwhile,
    ...more,
    ...(water
      ? [
          step(
            'rinse',
            'rinse',
            'Lift the chain out, rinse it with warm water until the water is clear.',
            'Degreaser left behind fights the lube.',
            {
              acts: ['rinse', 'water'],
              materials: ['warm water'],
              waitsFor: last,
              hands: 2,
            },
          ),
        ]
      : [
          step(
            'take off',
            'rinse',
            'Lift the chain out and pull it through fresh rags until they stay dry.',
            'Degreaser left behind fights the lube.',
            {
              materials: ['rags'],
              waitsFor: last,
              hands: 2,
            },
          ),
        ]),
    ...(meanwhile.length > 0 && water
      ? [
          step(
            'rinse cogs',
            'rinse',
            'Rinse cassette, rings and jockey wheels with little pressure, and towel them.',
            'A clean chain on dirty cogs is dirty again at once.',
            {
              acts: ['rinse', 'water'],
              hands: 2,
            },
          ),
        ]
      : []),
    step(
      'settle',
      'rinse',
      'Close and label the jar with the used degreaser; let it settle.',
      'The dirt sinks, and most of it is used again.',
      {
        cautions: ['waste'],
        hands: 0.5,
      },
    ),
  ];
}
