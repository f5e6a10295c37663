import { WATTS } from '../watts/constants';
import { sourcedLine, type NamedConstant } from '../words/constants';

/** What is said of a measure: what it means, how it is worked out, and which constants that rests on. */
export interface Measure {
  title: string;
  says: string;
  /** In words a rider can follow with a pencil. */
  formula: string;
  rests: readonly NamedConstant[];
  /** What else it rests on, in sentences: figures of other tables, and whose they are. */
  also?: readonly string[];
}

/** Every measure with a “?” beside it. Formulas: docs/model.md. */
export const MEASURES = {
  film: {
    title: 'Lube left',
    says: 'This is the share of the coat’s life that is left. Distance, water and standing use it up. At 15 % we say to lube again: the last part goes fast, and a chain that runs dry wears quickly.',
    formula:
      'A ride takes its distance divided by the life of the coat, plus what the water on the chain washes off. Standing takes a share a week.',
    rests: ['reserve', 'lifeSigma', 'dirtyCoatPenalty', 'earlyRideFloor'],
  },
  outside: {
    title: 'Dirt outside',
    says: 'This is the dirt on plates and rollers, which a rag takes off. It does little harm where it is, but it works its way in.',
    formula:
      'Each kilometre adds dirt by the road and by how sticky the lube is, less the more there is already. Some comes back from dirty cogs.',
    rests: ['outsideScaleKm', 'cogTransfer', 'unwipedStickiness', 'gritSigma'],
  },
  inside: {
    title: 'Grit inside',
    says: 'This is the grit between pins and rollers. It is what wears the chain, and no rag reaches it: only cleaning takes it out.',
    formula:
      'It grows with the dirt outside and with the water that carries it in. Water that runs through takes a little out again.',
    rests: ['insideScaleKm', 'waterCarries', 'waterFlushes'],
  },
  cogs: {
    title: 'Dirt on cassette and rings',
    says: 'This dirt stays with the bike when the chain is changed. A clean chain on dirty cogs is soon dirty again, so both are cleaned together.',
    formula: 'It gathers at half the speed of the dirt outside, and is handed back to the chain.',
    rests: ['cogShare', 'cogTransfer'],
  },
  wear: {
    title: 'Chain wear',
    says: 'The plates do not stretch: the joints wear, and the chain grows longer. Past its limit it wears the cogs too, which cost more than a chain.',
    formula:
      'Each kilometre adds a little; grit, a dry coat, wet roads and salt multiply it. A reading with a checker or a ruler puts it right.',
    rests: ['wearPerKm', 'wearByGrit', 'wearByDryness', 'wearByWater', 'wearBySalt'],
  },
  watts: {
    title: 'Watts lost',
    says: 'This is the power the chain takes more than a clean, straight and well lubed new one. It goes with your power: at twice the watts you lose twice as much.',
    formula: 'Dirt outside, grit inside, dryness and wear each take their part; the parts add up.',
    rests: ['wattsOutside', 'wattsInside', 'wattsDry', 'wattsWear'],
  },
  water: {
    title: 'Water',
    says: 'A wet chain rusts, and lube does not stay on it. Wipe it dry after a wet ride, and lube it once it is dry.',
    formula:
      'It dries by itself in some hours, sooner in warm and dry air. A towel or blown air shortens it.',
    rests: ['dripHours', 'towelHours', 'airHours', 'rustHours', 'saltRust'],
  },
  bands: {
    title: 'Half the time',
    says: 'No two coats and no two weeks of weather are alike, so a distance is a range. Of many cases half lie within it, a quarter below and a quarter above.',
    formula:
      'We play 48 futures of your chain. Each draws the life of the coat, how fast grit comes, how fast the chain wears, and the weather of each ride from yours of late and from a mixed year. The middle half of the ends is the range.',
    rests: ['lifeSigma', 'gritSigma'],
    also: [
      'A mixed year has 70 % of its rides dry, 15 % damp, 12 % wet and 3 % in a downpour; common practice.',
    ],
  },
  lubeLife: {
    title: 'How long a lube lasts on a bike',
    says: 'We begin with the handbook or the label, and learn from what you hear and read off rags: each note makes the range narrower.',
    formula:
      'A squeak says how far the coat went: its distance is divided by what water and standing left for distance to take. A quiet chain says that it goes farther. Bayes’ rule weighs that against what was believed before.',
    rests: ['lifeSigma'],
    also: [
      'A note is taken to be off by 15 %, and one in twenty to say nothing of the coat; own estimates.',
    ],
  },
  rag: {
    title: 'What a rag shows',
    says: 'A rag drawn once along the chain shows the dirt outside. It does not show the grit inside.',
    formula:
      'Each of the five shades stands for a share of dirt. What a rag shows and what we worked out are put together, each by how sure it is.',
    rests: ['swatchNoise'],
  },
  gears: {
    title: 'Watts by gear',
    says: 'A chain that runs at an angle from ring to cog rubs on their flanks. A gear in the middle of the cassette costs least.',
    formula:
      'The angle is that of the distance sideways over the length of the chainstay. What it costs grows by the square of the angle.',
    rests: [],
    also: [
      sourcedLine('Crossed', WATTS.crossingAt),
      sourcedLine('What crossing costs', WATTS.crossingW),
      sourcedLine('The middle of the cogs', WATTS.cassetteMiddleMm),
      sourcedLine('Rings apart', WATTS.ringSpacingMm),
    ],
  },
  odds: {
    title: 'What it may be',
    says: 'These are the chances of each cause, given what you heard, counted and tried. They add up to one with the causes not shown.',
    formula:
      'Bayes’ rule over how common each cause is, what your log knows of this bike, and your answers. An answer is taken to be wrong one time in a hundred, so that no single sign rules a cause out.',
    rests: [],
    also: [
      'How common each cause is and how it shows is common practice or our own estimate; nobody has counted.',
      'What was found on this bike before counts for more: the table counts as twenty findings.',
    ],
  },
  crossing: {
    title: 'Where the answer changes',
    says: 'The wetter your riding, the sooner another lube is the better one. The crossing is the wet share of your riding at which two change places.',
    formula:
      'Each lube is ridden through a half year of your usual rides in 20 futures at 11 wet shares, all in the same weather. What falls short of the best in each wish, weighed by the wish, makes the ranking.',
    rests: ['lifeSigma', 'reserve'],
    also: [
      'A clear difference is 2 W, 0.1 of grit, 40 minutes, 3 of money or 0.03 % of wear in 1,000 km; own estimates.',
    ],
  },
  money: {
    title: 'What care costs',
    says: 'Every cost is booked on what caused it: lube on its job, wear on the ride that wore it.',
    formula:
      'A ride takes the share of the chain’s price that it wore off, up to the wear limit, and the share of the cassette’s and the other parts’ life that its chain took. A job takes what came off the shelf and your minutes at the price of your hour.',
    rests: ['wearPerKm'],
    also: [
      'Without a price a bottle is left out, and a chain or a cassette counts as your plan’s settings say; the page names both.',
    ],
  },
  replace: {
    title: 'When to replace a chain',
    says: 'Early, a chain is thrown away half used. Late, it takes the cassette along. Between them lies a stretch that costs about the same.',
    formula:
      'It is the cost of 1,000 km for each wear at which the chain might be replaced. The stretch is where that lies within 5 % of the least.',
    rests: ['wearPerKm'],
    also: [
      'A chain changed in time takes a third of a cassette, one ridden past 1 % all of it; common practice.',
    ],
  },
  years: {
    title: 'The years to come',
    says: 'This is your last year of riding again and again, in the climate of the place your bike stands in, under one way of keeping the chain.',
    formula:
      'A hundred futures each draw their years of weather, the life of your coats, how fast grit comes and how each new chain wears. Every way meets the same draws, so a difference is surer than either figure. The range holds half of them.',
    rests: ['lifeSigma', 'gritSigma', 'wearPerKm'],
  },
  against: {
    title: 'The plan against your routine',
    says: 'Both are played through the same futures of weather and coats. The difference is what the plan saves, in your time, goods, wear and speed at your prices.',
    formula:
      'The plan is the best of three: jobs on the days that cost least over all futures, your routine, and doing nothing. So it costs no more than your routine.',
    rests: ['lifeSigma', 'gritSigma'],
    also: ['What an hour, a chain and a watt cost is what you set on the plan’s page.'],
  },
  belief: {
    title: 'How sure a trial is',
    says: 'The curve shows how much farther, or cleaner, one habit goes than the other, and how likely each figure is after the coats so far.',
    formula:
      'Each coat is measured with its weather taken out, against the coats of the other habit. Bayes’ rule weighs that against what was believed before the first coat.',
    rests: [],
    also: [
      'Before the first coat the two habits are believed alike, give or take a third; own estimate.',
      'One coat in twenty is taken to be odd, with three times the scatter; own estimate.',
    ],
  },
} as const satisfies Record<string, Measure>;

export type MeasureName = keyof typeof MEASURES;
