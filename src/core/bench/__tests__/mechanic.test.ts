import { benchLube, jobOf } from '@/test/bench';
import { PRESETS } from '@/core/garage/presets';
import { helpWith } from '../../words/trouble';
import { addOnsFor } from '../addOns';
import { type Job } from '../job';
import { procedure } from '../procedure';
import { refusal } from '../refusal';
import type { BenchStep, StepId } from '../steps';
import { timelineOf } from '../timeline';

/** Faults a mechanic found in older procedures, each by its name: none may come back. */
const road = { ...PRESETS.road.specs, name: 'Road bike' };
const fixed = { ...road, drive: 'fixed' as const, gear: 'single' as const, brake: 'rim' as const };
const { workshop } = jobOf();
const steps = (more: Partial<Job>): BenchStep[] => procedure(jobOf(more));
const ids = (more: Partial<Job>): StepId[] => steps(more).map((s) => s.id);
const get = (more: Partial<Job>, id: StepId): BenchStep => steps(more).find((s) => s.id === id)!;
const inOrder = (more: Partial<Job>, ...order: StepId[]) => {
  const all = ids(more);
  const places = order.map((id) => all.indexOf(id));
  expect(places.every((p) => p >= 0)).toBe(true);
  expect([...places].sort((a, b) => a - b)).toEqual(places);
};
const OFF = { depth: 'off-bike clean' } as const;
const ON = { depth: 'on-bike clean' } as const;

describe('what a mechanic found', () => {
  it('with the wheel out the chain is closed and proved only once the wheel is in again', () => {
    inOrder({ ...OFF, wheelOut: true }, 'wheel out', 'wheel in', 'lay in', 'close', 'link seated');
    expect(ids({ ...OFF, wheelOut: true })).not.toContain('keeper');
    const kept = {
      ...ON,
      wheelOut: true,
      workshop: { ...workshop, tools: ['stand', 'chain keeper'] as const },
    };
    inOrder(
      { ...kept, workshop: { ...kept.workshop, tools: [...kept.workshop.tools] } },
      'wheel out',
      'keeper',
      'brush',
      'keeper out',
      'wheel in',
      'drops',
    );
  });

  it('no cover hangs on a wheel that turns: it is off before the gears are shifted, and never on where the cranks drive', () => {
    inOrder(ON, 'cover rotor', 'drops', 'uncover', 'shift through');
    expect(ids({ ...ON, bike: { ...road, drive: 'fixed', gear: 'single' } })).not.toContain(
      'cover rotor',
    );
  });

  it('a joining pin is never spoken of as a quick link, and no quick link needs a chain tool', () => {
    const pin = {
      ...OFF,
      chain: { links: 114, closure: 'connecting pin' as const, directional: false },
      workshop: { ...workshop, tools: ['new link'] as const },
    };
    const said = steps({ ...pin, workshop: { ...pin.workshop, tools: [...pin.workshop.tools] } });
    for (const s of said) expect(`${s.what} ${s.why}`).not.toMatch(/quick link/);
    expect(said.flatMap((s) => s.materials)).toContain('chain tool');
    expect(steps(OFF).flatMap((s) => s.materials)).not.toContain('chain tool');
  });

  it('degreaser dwells no longer than what is done meanwhile: cogs come before it', () => {
    inOrder(ON, 'jockey wheels', 'cassette', 'chainrings', 'degrease', 'brush');
    expect(ids(ON).indexOf('brush') - ids(ON).indexOf('degrease')).toBe(1);
  });

  it('jockey wheels are turned by hand once the chain is off, and derailleurs are spoken of where there is one', () => {
    expect(get(OFF, 'jockey wheels').what).toMatch(/turning them by hand/);
    expect(ids({ ...OFF, bike: fixed })).not.toContain('jockey wheels');
  });

  it('a chain the wheel tightens is slackened before it is opened and tightened before it is proved', () =>
    inOrder(
      { ...OFF, bike: fixed },
      'slacken',
      'open',
      'lay in',
      'close',
      'tension',
      'link seated',
    ));

  it('a waxed chain gets a dry, lint-free cloth and no solvent; oil over wax comes after hot water', () => {
    const waxed = { lube: benchLube('drip wax'), onIt: 'drip wax' as const };
    expect(get(waxed, 'wipe').materials).toEqual(['lint-free cloth']);
    inOrder({ onIt: 'drip wax' }, 'hot rinse', 'tray', 'wipe', 'drops');
  });

  it('degreaser on the rag is rinsed off and the chain dried before the coat', () =>
    inOrder({ between: 'degreaser' }, 'wipe', 'rinse rag', 'towel', 'is dry', 'drops'));

  it('one drenching is coat and flush in one', () => {
    expect(ids({ oldCoat: 'flush' })).toContain('flush');
    expect(ids({ oldCoat: 'flush' })).not.toContain('drops');
  });

  it('a stream is counted in turns, a month-old bottle shaken half a minute', () => {
    const lube = { ...benchLube('dry'), stream: true, rested: true };
    expect(get({ lube, onIt: 'dry' }, 'drops').counter?.kind).toBe('turns');
    expect(get({ lube, onIt: 'dry' }, 'shake').what).toMatch(/30 seconds/);
  });

  it('pivots come with a clean and not with every lubing', () => {
    expect(ids({})).not.toContain('pivots');
    expect(ids(ON)).toContain('pivots');
  });

  it('turns are counted on the ring the shift names', () => {
    const rings = { bike: { ...road, rings: [50, 34] } };
    expect(get(rings, 'shift').what).toMatch(/largest ring/);
    expect(get(rings, 'wipe').counter?.count).toBe(Math.ceil((114 / 50) * 3));
    expect(get({ ...rings, ...OFF }, 'shift').what).toMatch(/smallest ring/);
    expect(get({ ...rings, ...OFF }, 'wipe off').counter?.count).toBe(Math.ceil((114 / 34) * 3));
  });

  it('salt is rinsed off before a rescue’s wipe', () =>
    inOrder({ depth: 'rescue', salted: true }, 'salt', 'wipe', 'towel', 'is dry', 'drops'));

  it('at the roadside gloves are put on, and no cover is asked for', () => {
    inOrder({ depth: 'roadside' }, 'place', 'gloves', 'wipe');
    expect(ids({ depth: 'roadside' })).not.toContain('cover rotor');
  });

  it('the rag is asked before the drying, so that a second round costs no second drying', () =>
    inOrder(ON, 'rinse', 'rag check', 'towel', 'is dry'));

  it('what sinks in is not waited for twice: set and ready count from the drops on', () => {
    const all = steps({});
    const until = (id: StepId) => all.slice(0, all.findIndex((s) => s.id === id) + 1);
    const { elapsed } = timelineOf(until('drops'));
    const sinkAndSet = 30;
    expect(timelineOf(all).untilReady).toBeLessThanOrEqual(elapsed + sinkAndSet + 6);
  });

  it('a chain on the wrong side of the tab is put right without opening what closes once', () => {
    const once = jobOf({ chain: { links: 114, closure: 'single-use link', directional: false } });
    const help = helpWith('wrong side of the tab', once).steps.join(' ');
    expect(help).toMatch(/Leave the closure shut/);
    expect(help).toMatch(/workshop/);
  });

  it('a reusable link that has been opened as often as its maker allows is thrown away, and a new one goes in', () => {
    const off: Partial<Job> = {
      depth: 'off-bike clean',
      workshop: { ...workshop, tools: [...workshop.tools, 'new link'] },
    };
    const opened = (done: number, allowed: number | null) => {
      const job = { ...off, openings: { done, allowed } };
      return { open: get(job, 'open'), close: get(job, 'close'), all: ids(job) };
    };
    const last = opened(4, 5);
    expect(last.open.why).toBe('Opened 4 times before. Its maker allows 5.');
    expect(last.open.what).not.toContain('throw');
    expect(last.close.materials).toEqual([]);
    const spent = opened(5, 5);
    expect(spent.open.what).toContain('throw the link away');
    expect(spent.open.why).toContain('opened 5 times, and it has been');
    expect(spent.close.materials).toEqual(['new link']);
    // Nobody looks whether a link held that goes into the bin.
    expect(spent.all).not.toContain('link worn');
    expect(last.all).toContain('link worn');
    expect(opened(50, null).close.materials).toEqual([]);
  });

  it('a rescue without air, warmth and time lubes the towelled chain and says to lube it again', () => {
    const hurry = { depth: 'rescue', addOns: ['no time to dry'] } as const;
    const job = { ...hurry, addOns: [...hurry.addOns] };
    expect(ids(job)).not.toContain('is dry');
    inOrder(job, 'wipe', 'towel', 'drops');
    expect(get(job, 'drops').why).toMatch(/Lube again when the chain is dry/);
    // Wax takes no hold on a wet chain.
    expect(ids({ ...job, lube: benchLube('drip wax'), onIt: 'drip wax' })).toContain('is dry');
  });

  it('a wash with the wheel out is rinsed once more with the wheel in, and dried after that', () => {
    const keeper = { ...workshop, tools: ['stand' as const, 'chain keeper' as const] };
    const washed: Partial<Job> = { ...ON, wheelOut: true, addOns: ['wash'], workshop: keeper };
    inOrder(washed, 'wheel out', 'wash', 'wheel in', 'final rinse', 'towel', 'is dry', 'drops');
    expect(ids({ ...ON, addOns: ['wash'] })).not.toContain('final rinse');
  });

  it('a new chain is stripped whatever closes it: nothing of it has been opened yet', () => {
    const chain = { links: 114, closure: 'not known' as const, directional: false };
    const job = jobOf({ depth: 'new-chain strip', lube: benchLube('dry'), onIt: 'wet', chain });
    expect(refusal(job)).toBeNull();
    expect(procedure(job).map((s) => s.id)).not.toContain('open');
  });

  it('a bike upside down has its lower run on top, and takes drops on the inside of the run below', () => {
    const over = { ...ON, bike: fixed, workshop: { ...workshop, tools: ['brushes' as const] } };
    expect(get(over, 'rag check').what).toMatch(/run on top/);
    expect(get(over, 'drops').what).toMatch(/inside of the run at the bottom/);
    expect(get({ ...over, workshop }, 'drops').what).toMatch(/inside of the lower run/);
  });

  it('all of the cogs come to the brush, not only those in reach', () => {
    expect(get(ON, 'cassette').what).toMatch(/Turn the cranks back a little/);
    expect(get(OFF, 'cassette').what).toMatch(/Turn .* back a little by hand/);
    expect(get({ ...ON, bike: fixed }, 'cassette').what).toMatch(/Move the chain on by hand/);
  });

  it('what stands in for a tool is said in the step, and takes the minutes of its table', () => {
    const bare = { ...ON, workshop: { ...workshop, tools: ['stand' as const] } };
    expect(get(bare, 'brush').what).toMatch(/with a toothbrush/);
    expect(get(bare, 'brush').materials).toContain('toothbrush');
    expect(get(bare, 'brush').hands - get(ON, 'brush').hands).toBe(2);
    expect(get(bare, 'degrease').what).toMatch(/with a paint brush/);
    expect(get(bare, 'cassette').what).toMatch(/with a kitchen brush/);
    expect(get(ON, 'brush').what).not.toMatch(/toothbrush/);
    const pliers = { ...OFF, workshop: { ...workshop, tools: ['link pliers' as const] } };
    expect(get(OFF, 'open').what).toMatch(/by hand or with two small pairs of pliers/);
    expect(get(OFF, 'open').hands - get(pliers, 'open').hands).toBe(3);
    expect(get(pliers, 'open').what).toMatch(/with the link pliers/);
  });

  it('without water the last of the degreaser dries off before a coat; nothing dries where none was used', () => {
    const none = { ...workshop, water: 'none' as const };
    inOrder({ ...OFF, workshop: none }, 'take off', 'hang', 'is dry', 'lay in');
    inOrder({ ...ON, workshop: none }, 'take off', 'hang', 'is dry', 'drops');
    expect(get({ ...ON, workshop: none }, 'is dry').what).toMatch(/smell no degreaser/);
    expect(ids({ workshop: none })).not.toContain('is dry');
  });

  it('nothing is offered that would do nothing: a thin coat of nothing, a wax reset where no wax is', () => {
    expect(refusal(jobOf({ depth: 'thin coat', lube: null }))).toBe('nothing to put on');
    expect(refusal(jobOf({ depth: 'wax reset', lube: null, onIt: 'wet' }))).toBe(
      'wax reset without wax',
    );
    expect(refusal(jobOf({ depth: 'wax reset', lube: null, onIt: 'drip wax' }))).toBeNull();
  });

  it('a chain is measured where it lies clean and dry, and before its coat', () => {
    const asked = { addOns: ['measure' as const] };
    inOrder({ ...ON, ...asked }, 'is dry', 'measure', 'drops');
    inOrder({ ...OFF, ...asked }, 'is dry', 'measure', 'lay in');
    expect(get({ ...OFF, ...asked }, 'measure').what).toMatch(/on a table/);
    expect(get({ ...ON, ...asked }, 'measure').what).toMatch(/Hold the wheel/);
    expect(ids(OFF)).not.toContain('measure');
    expect(addOnsFor('off-bike clean')).toContain('measure');
    expect(addOnsFor('wipe-down')).not.toContain('measure');
  });
});
