import { goesRound, RUNNING, rotorSafe, type ActRule } from './actRule';
import type { Needs } from './bikeState';
import { COAT_ACTS } from './coatActs';
import { changesChain } from './depths';
import { closesAs, cranksDrive, hasDisc, isHydraulic, mayOpen, type Job } from './job';
import { NEW_CHAIN_ACTS } from './newChainActs';

const hasDerailleur = (job: Job): boolean => job.bike.gear === 'derailleur';

/** The rear wheel off the ground, or lifted by the saddle of a bike on its wheels. */
const LIFTED: Needs = { bike: ['on its wheels', 'in the stand', 'upside down'] };
/** The rear wheel off the ground and free. */
const RAISED: Needs = { bike: ['in the stand', 'upside down'] };
/**
 * All that is done at the bench, each with what it needs and changes. Procedures are made from these, so that the simulator
 * can follow a bike through them.
 */
export const ACTS = {
  // Place and hands.
  'battery out': { needs: { motor: ['ready'] }, changes: { motor: 'battery out' } },
  'battery in': {
    needs: { motor: ['battery out'], wheel: ['in'], chain: ['on'] },
    changes: { motor: 'ready' },
  },
  gloves: { changes: { hands: 'gloved' } },
  'hang up': { needs: { bike: ['on its wheels'] }, changes: { bike: 'in the stand' } },
  lean: { needs: { bike: ['on its wheels'] }, changes: { bike: 'leaning' } },
  'turn over': { needs: { bike: ['on its wheels'] }, changes: { bike: 'upside down' } },
  'set down': {
    needs: { wheel: ['in'], keeper: ['none'], rotor: ['bare'] },
    changes: { bike: 'on its wheels' },
  },
  'cover rotor': {
    needs: { wheel: ['in', 'loose'], rotor: ['bare'] },
    changes: { rotor: 'covered' },
    // A cover in the frame catches on the brake as soon as the wheel turns.
    fits: (job) => hasDisc(job) && !cranksDrive(job),
  },
  uncover: { needs: { rotor: ['covered'] }, changes: { rotor: 'bare' } },

  // Turning.
  shift: {
    needs: { ...RUNNING, ...LIFTED },
    changes: { gear: 'smallest cog' },
    fits: hasDerailleur,
  },
  'shift crossed': {
    needs: { ...RUNNING, ...LIFTED },
    changes: { gear: 'big ring, second cog' },
    fits: hasDerailleur,
  },
  'turn back': {
    needs: { chain: ['on'], closure: ['seated', 'closed'] },
    fits: (job) => !cranksDrive(job),
    when: goesRound,
  },
  'pedal forwards': { needs: { ...RUNNING, ...RAISED } },
  'move on by hand': { needs: { ...RUNNING, ...RAISED }, fits: cranksDrive },
  'still chain': { needs: { chain: ['on'] } },
  'chain in hand': { needs: { chain: ['off'] } },
  'jockeys by crank': {
    needs: { chain: ['on'], closure: ['seated'] },
    fits: (job) => hasDerailleur(job) && !cranksDrive(job),
    when: goesRound,
  },
  'jockeys by hand': { needs: { chain: ['off', 'in the jar'] }, fits: hasDerailleur },
  'jockeys still': { needs: { chain: ['on'] }, fits: hasDerailleur },

  // Wheel.
  'open rim brake': {
    changes: { rimBrake: 'opened' },
    fits: (job) => job.bike.brake === 'rim',
  },
  'close rim brake': {
    needs: { rimBrake: ['opened'], wheel: ['in'] },
    changes: { rimBrake: 'closed' },
  },
  'wheel out': {
    needs: { ...RAISED, wheel: ['in', 'loose'], rotor: ['bare'] },
    changes: { wheel: 'out' },
    when: (s, job) =>
      (!hasDerailleur(job) || s.gear === 'smallest cog') &&
      (job.bike.brake !== 'rim' || s.rimBrake === 'opened'),
  },
  'hands off levers': {
    needs: { wheel: ['out'] },
    changes: { levers: 'hands off' },
    fits: isHydraulic,
  },
  'keeper in': { needs: { wheel: ['out'], chain: ['on'] }, changes: { keeper: 'in' } },
  'keeper out': { needs: { keeper: ['in'] }, changes: { keeper: 'none' } },
  'wheel in': {
    needs: { ...RAISED, wheel: ['out'], keeper: ['none'] },
    changes: { wheel: 'in', levers: 'free' },
  },
  'slacken wheel': {
    needs: { ...RAISED, wheel: ['in'], tension: ['set'], rotor: ['bare'] },
    changes: { wheel: 'loose', tension: 'slack' },
    fits: (job) => !hasDerailleur(job),
  },
  'set tension': {
    needs: { wheel: ['in', 'loose'], chain: ['on'], tension: ['slack'] },
    changes: { wheel: 'in', tension: 'set' },
  },

  // Chain off and on.
  'hook on': {
    needs: { chain: ['on'], closure: ['seated'], gear: ['smallest cog'] },
    changes: { hook: 'on' },
    fits: hasDerailleur,
  },
  open: {
    needs: { chain: ['on'], closure: ['seated'], wheel: ['in', 'loose'] },
    changes: { closure: 'open', chain: 'off', hook: 'none' },
    fits: mayOpen,
    when: (s, job) => (hasDerailleur(job) ? s.hook === 'on' : s.tension === 'slack'),
  },
  'lay in': {
    needs: {
      chain: ['off'],
      wheel: ['in', 'loose'],
      water: ['dry'],
      degreaser: ['none'],
      length: ['right'],
      grease: ['none', 'outside wiped'],
      teeth: ['no matter', 'looked at'],
    },
    changes: { chain: 'laid in', routing: 'not looked at', direction: 'not looked at' },
  },
  exchange: {
    needs: { chain: ['off'], which: ['own'] },
    changes: { which: 'other', water: 'dry' },
    fits: (job) => changesChain(job.depth),
  },
  'look at routing': {
    needs: { chain: ['laid in'] },
    changes: { routing: 'right' },
    fits: hasDerailleur,
  },
  'look at direction': {
    needs: { chain: ['laid in'] },
    changes: { direction: 'right' },
    fits: (job) => closesAs(job).directional,
  },
  close: {
    needs: { chain: ['laid in'], closure: ['open'] },
    changes: { chain: 'on', closure: 'closed' },
    when: (s, job) =>
      (!hasDerailleur(job) || s.routing === 'right') &&
      (!closesAs(job).directional || s.direction === 'right'),
  },
  prove: {
    needs: { closure: ['closed'], wheel: ['in'], levers: ['free'] },
    changes: { closure: 'seated' },
  },

  // Wheels and brakes are looked at as they turn.
  'look round the bike': { needs: RUNNING },

  ...NEW_CHAIN_ACTS,

  // Dirt, water, degreaser.
  'rinse mud': { changes: { water: 'wet inside' } },
  wash: { needs: { chain: ['on'] }, changes: { water: 'wet inside', salt: 'none' } },
  'rinse salt': { needs: { chain: ['on'] }, changes: { water: 'wet inside', salt: 'none' } },
  // A little on the rag: the rotor is minded, not covered.
  solvent: { needs: { hands: ['gloved'] } },
  degreaser: {
    needs: { hands: ['gloved'] },
    changes: { degreaser: 'on' },
    when: rotorSafe,
  },
  'take degreaser off': { needs: { chain: ['on', 'off'] }, changes: { degreaser: 'none' } },
  rinse: { changes: { degreaser: 'none', water: 'wet inside', salt: 'none' } },
  'into the jar': {
    needs: { chain: ['off'], hands: ['gloved'] },
    changes: { chain: 'in the jar', jar: 'in use', degreaser: 'on', salt: 'none' },
  },
  bath: { needs: { chain: ['in the jar'], hands: ['gloved'] }, changes: { grease: 'none' } },
  'out of the jar': { needs: { chain: ['in the jar'] }, changes: { chain: 'off' } },
  'jar away': {
    needs: { jar: ['in use'], chain: ['off', 'on'] },
    changes: { jar: 'put away' },
  },
  towel: { needs: { chain: ['on', 'off'] }, changes: { water: 'towelled' } },
  dry: { needs: { water: ['towelled', 'dry'] }, changes: { water: 'dry' } },
  'rag check': {
    needs: { chain: ['on', 'off'], degreaser: ['none'] },
    changes: { rag: 'passed' },
  },

  ...COAT_ACTS,
} as const satisfies Record<string, ActRule>;

export type Act = keyof typeof ACTS;

/** What an act needs and changes, whichever act it is. */
export const ruleOf = (act: Act): ActRule => ACTS[act];
