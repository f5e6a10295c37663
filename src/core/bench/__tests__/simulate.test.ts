import { benchLube, jobOf } from '@/test/bench';
import { PRESETS } from '@/core/garage/presets';
import { bikeNowSentence } from '../../words/bikeNow';
import type { Act } from '../acts';
import { atStart, type BikeState } from '../bikeState';
import type { Job } from '../job';
import { procedure } from '../procedure';
import { bikeAfter, doAct, firstFault, type Fault } from '../simulate';
import type { StepId } from '../steps';

/** The simulator notices: a step left out of a good procedure, or an act on a bike that cannot have it, is a fault. */
const road = { ...PRESETS.road.specs, name: 'Road bike' };
const { workshop } = jobOf();
const OFF: Partial<Job> = {
  depth: 'off-bike clean',
  chain: { links: 114, closure: 'reusable link', directional: true },
};
const KEEPER: Partial<Job> = {
  depth: 'on-bike clean',
  wheelOut: true,
  bike: { ...road, brake: 'rim' },
  workshop: { ...workshop, tools: ['stand', 'chain keeper'] },
};
const FIXED: Partial<Job> = {
  ...OFF,
  bike: { ...road, drive: 'fixed', gear: 'single', brake: 'rim' },
};
const POT: Partial<Job> = {
  depth: 'top-up',
  lube: benchLube('hot wax'),
  onIt: 'hot wax',
  workshop: { ...workshop, tools: ['stand', 'pot'] },
};

describe('a step left out', () => {
  it.each<[StepId, Partial<Job>, StepId | 'end', Fault['part']]>([
    ['gloves', {}, 'wipe', 'hands'],
    ['rag check', {}, 'drops', null],
    ['uncover', {}, 'shift through', 'rotor'],
    ['cover rotor', {}, 'drops', null],
    ['set down', {}, 'end', 'bike'],
    ['hook', OFF, 'open', null],
    ['open', OFF, 'link worn', 'chain'],
    ['rinse', OFF, 'settle', 'chain'],
    ['settle', OFF, 'end', 'jar'],
    ['is dry', OFF, 'lay in', 'water'],
    ['lay in', OFF, 'routed', 'chain'],
    ['routed', OFF, 'close', null],
    ['direction', OFF, 'close', null],
    ['close', OFF, 'link seated', 'closure'],
    ['link seated', OFF, 'drops', 'closure'],
    ['rim brake open', KEEPER, 'wheel out', null],
    ['keeper', KEEPER, 'jockey wheels', null],
    ['keeper out', KEEPER, 'wheel in', 'keeper'],
    ['wheel in', KEEPER, 'rim brake closed', 'wheel'],
    ['rim brake closed', KEEPER, 'end', 'rimBrake'],
    ['slacken', FIXED, 'open', null],
    ['tension', FIXED, 'link seated', 'wheel'],
    ['heat', POT, 'dip', 'pot'],
    ['pot off', POT, 'end', 'pot'],
    ['motor', { bike: { ...road, ebike: true } }, 'shift', 'motor'],
    ['battery', { bike: { ...road, ebike: true } }, 'end', 'motor'],
    ['salt', { depth: 'rescue', salted: true }, 'drops', null],
    ['rinse rag', { between: 'degreaser' }, 'rag check', 'degreaser'],
  ])('“%s”: is missed', (id, more, at, part) => {
    const job = jobOf(more);
    const steps = procedure(job);
    expect(steps.some((s) => s.id === id)).toBe(true);
    expect(firstFault(job, steps)).toBeNull();
    const fault = firstFault(
      job,
      steps.filter((s) => s.id !== id),
    );
    expect(fault).toMatchObject({ step: at, part });
  });
});

describe('an act on a bike that cannot have it', () => {
  it.each<[Act, Partial<Job>, Partial<BikeState>]>([
    ['open', { chain: { ...OFF.chain!, closure: 'single-use link' } }, { hook: 'on' }],
    ['open', { chain: { ...OFF.chain!, closure: 'not known' } }, { hook: 'on' }],
    ['turn back', FIXED, {}],
    ['move on by hand', {}, { bike: 'in the stand' }],
    ['jockeys by crank', FIXED, {}],
    ['jockeys still', FIXED, {}],
    ['shift', FIXED, {}],
    ['look at routing', FIXED, { chain: 'laid in' }],
    ['hook on', FIXED, { gear: 'smallest cog' }],
    ['slacken wheel', {}, { bike: 'in the stand' }],
    ['cover rotor', { bike: { ...road, brake: 'rim' } }, {}],
    ['open rim brake', { bike: { ...road, brake: 'disc, cable' } }, {}],
    ['hands off levers', { bike: { ...road, brake: 'disc, cable' } }, { wheel: 'out' }],
    ['look at direction', {}, { chain: 'laid in' }],
  ])('“%s” is not done: %j', (act, more, state) => {
    const job = jobOf(more);
    expect(doAct({ ...atStart(job), ...state }, act, job).fault).toMatchObject({
      act,
      is: 'not on this bike',
    });
  });

  it('nothing is done at a chain whose motor may start', () => {
    const job = jobOf({ bike: { ...road, ebike: true } });
    const { fault } = doAct(atStart(job), 'turn back', job);
    expect(fault).toMatchObject({ part: 'motor', is: 'ready' });
    expect(doAct(atStart(job), 'gloves', job).fault).toBeNull();
  });
});

it('says how the bike stands, and nothing where it stands as ever', () => {
  const job = jobOf({ ...OFF, wheelOut: true });
  const steps = procedure(job);
  const after = (id: StepId) =>
    bikeNowSentence(bikeAfter(job, steps.slice(0, steps.findIndex((s) => s.id === id) + 1)));
  expect(bikeNowSentence(atStart(job))).toBeNull();
  expect(after('hook')).toBe('The bike now: chain hooked.');
  expect(after('wheel out')).toBe(
    'The bike now: wheel out, chain off. Don’t touch the brake lever.',
  );
  expect(after('soak')).toMatch(/chain in the jar, degreaser on/);
  expect(after('lay in')).toMatch(/chain laid in, still open/);
  expect(after('set down')).toBeNull();
});
