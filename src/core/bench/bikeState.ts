import { closesAs, type Job } from './job';

/** How the bike on the stand is at one moment of a job: what the steps need and what they change. */
export interface BikeState {
  /** Laid in: over ring, cog and through the jockey wheels, its ends still open. */
  chain: 'on' | 'off' | 'in the jar' | 'laid in';
  /** Of two chains that take turns the one at the bike. */
  which: 'own' | 'other';
  /** Closed: not yet proved. */
  closure: 'seated' | 'open' | 'closed';
  /** A wire that holds the ends together while nothing pulls at the link. */
  hook: 'none' | 'on';
  /** Of a chain that the place of the wheel tightens. */
  tension: 'set' | 'slack';
  routing: 'right' | 'not looked at';
  direction: 'right' | 'not looked at';
  wheel: 'in' | 'loose' | 'out';
  keeper: 'none' | 'in';
  rotor: 'bare' | 'covered';
  /** A brake whose pistons come out when the lever is pulled without a rotor between the pads. */
  levers: 'free' | 'hands off';
  /** A rim brake opened to let the tyre through. */
  rimBrake: 'closed' | 'opened';
  bike: 'on its wheels' | 'in the stand' | 'leaning' | 'upside down';
  gear: 'anywhere' | 'smallest cog' | 'big ring, second cog';
  /** None: no e-bike. */
  motor: 'none' | 'ready' | 'battery out';
  hands: 'bare' | 'gloved';
  pot: 'off' | 'hot';
  kettle: 'off' | 'hot';
  /** Degreaser on chain or cogs. */
  degreaser: 'none' | 'on';
  jar: 'empty' | 'in use' | 'put away';
  water: 'dry' | 'wet inside' | 'towelled';
  salt: 'none' | 'may be there';
  rag: 'not asked' | 'passed';
  coat: 'as before' | 'on' | 'wiped' | 'left alone';
}

/** Values one or more of which a step needs, part by part. */
export type Needs = { readonly [K in keyof BikeState]?: readonly BikeState[K][] };
export type Changes = Partial<BikeState>;

/** Returns the bike as it comes to the bench. */
export const atStart = (job: Job): BikeState => ({
  chain: job.depth === 'new-chain strip' ? 'off' : 'on',
  which: 'own',
  closure: job.depth === 'new-chain strip' ? 'open' : 'seated',
  hook: 'none',
  tension: job.depth === 'new-chain strip' && job.bike.gear !== 'derailleur' ? 'slack' : 'set',
  routing: 'right',
  direction: 'right',
  wheel: 'in',
  keeper: 'none',
  rotor: 'bare',
  levers: 'free',
  rimBrake: 'closed',
  bike: 'on its wheels',
  gear: 'anywhere',
  motor: job.bike.ebike ? 'ready' : 'none',
  hands: 'bare',
  pot: 'off',
  kettle: 'off',
  degreaser: 'none',
  jar: 'empty',
  water: job.depth === 'rescue' ? 'wet inside' : 'dry',
  salt: job.salted ? 'may be there' : 'none',
  rag: 'not asked',
  coat: 'as before',
});

/** Returns what must be so when a bike leaves the bench. */
export const atEnd = (job: Job): Needs => ({
  chain: ['on'],
  which: [job.depth === 'swap' ? 'other' : 'own'],
  closure: ['seated'],
  hook: ['none'],
  tension: ['set'],
  ...(job.bike.gear === 'derailleur' ? { routing: ['right'] } : {}),
  ...(closesAs(job).directional ? { direction: ['right'] } : {}),
  wheel: ['in'],
  keeper: ['none'],
  rotor: ['bare'],
  levers: ['free'],
  rimBrake: ['closed'],
  bike: ['on its wheels'],
  motor: ['none', 'ready'],
  pot: ['off'],
  kettle: ['off'],
  degreaser: ['none'],
  jar: ['empty', 'put away'],
});
