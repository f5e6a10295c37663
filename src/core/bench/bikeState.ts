import { changesChain } from './depths';
import { closesAs, startsBare, type Job } from './job';

/** How the bike on the stand is at one moment of a job: what the steps need and what they change. */
export interface BikeState {
  /** Laid in: over ring, cog and through the jockey wheels, its ends still open. */
  chain: 'on' | 'off' | 'in the jar' | 'laid in';
  /** Of two chains that take turns the one at the bike. */
  which: 'own' | 'other';
  /** Of a new chain: tried round ring and cog before it is cut; the factory's coat; and what is looked at before the first ride. */
  length: 'right' | 'not tried' | 'tried';
  grease: 'none' | 'factory' | 'outside wiped';
  teeth: 'no matter' | 'not looked at' | 'looked at';
  joints: 'no matter' | 'not looked at' | 'free';
  baseline: 'no matter' | 'not read' | 'read';
  load: 'no matter' | 'not tried' | 'tried';
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

/** What is still to be seen to of a chain out of its box, and what is no matter of any other. */
const NEW_CHAIN = {
  length: 'not tried',
  grease: 'factory',
  teeth: 'not looked at',
  joints: 'not looked at',
  baseline: 'not read',
  load: 'not tried',
} as const;
const NO_NEW_CHAIN = {
  length: 'right',
  grease: 'none',
  teeth: 'no matter',
  joints: 'no matter',
  baseline: 'no matter',
  load: 'no matter',
} as const;

/** Returns the bike as it comes to the bench. */
export const atStart = (job: Job): BikeState => ({
  chain: startsBare(job) ? 'off' : 'on',
  which: 'own',
  ...(job.depth === 'new chain' ? NEW_CHAIN : NO_NEW_CHAIN),
  closure: startsBare(job) ? 'open' : 'seated',
  hook: 'none',
  tension: startsBare(job) && job.bike.gear !== 'derailleur' ? 'slack' : 'set',
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
  which: [changesChain(job.depth) ? 'other' : 'own'],
  length: ['right'],
  grease: ['none', 'outside wiped'],
  teeth: ['no matter', 'looked at'],
  joints: ['no matter', 'free'],
  baseline: ['no matter', 'read'],
  load: ['no matter', 'tried'],
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
