import { PRESETS } from '@/core/garage/presets';
import type { Bike } from '@/core/records/garage';
import { say } from '@/core/words/problems';
import { METRIC } from '@/core/units/convert';
import { fewestLinks, newChainDraft, readNewChain, type NewChainDraft } from '../newChain';

const common = { id: 'b', name: 'Mine', retired: false, changedAt: '2026-01-01T00:00:00.000Z' };
const road: Bike = { ...PRESETS.road.specs, ...common };
const hub: Bike = {
  ...PRESETS.town.specs,
  ...common,
  gear: 'hub',
  largestCog: 20,
  smallestCog: 20,
};
const draft = newChainDraft({
  links: 112,
  speeds: 11,
  closure: 'single-use link',
  openingsAllowed: null,
  directional: true,
});
const read = (more: Partial<NewChainDraft>, bike = road) =>
  readNewChain({ ...draft, ...more }, bike);
const said = (more: Partial<NewChainDraft>, bike = road) => {
  const result = read(more, bike);
  if (result.ok) throw new Error('It was read.');
  return Object.fromEntries(
    Object.entries(result.problems).map(([field, p]) => [field, say(p, METRIC)]),
  );
};

describe('a chain out of its box', () => {
  it('is read as it stands; nothing measured is null, not zero', () => {
    expect(read({})).toEqual({
      ok: true,
      value: {
        links: 112,
        speeds: 11,
        closure: 'single-use link',
        openingsAllowed: null,
        directional: true,
        price: null,
        wearPercent: null,
      },
    });
    expect(read({ baseline: '0', price: '0' })).toMatchObject({
      value: { wearPercent: 0, price: 0 },
    });
  });

  it('of 60 links does not go round, and says how many do', () => {
    // With the shortest stay there is, 300 mm: 2 × 11.81 + 84 / 4 + 1 and the lean is 45.7 in, 46 in.
    expect(fewestLinks(road)).toBe(92);
    expect(said({ links: '60' })['links']).toContain('at least 92 links');
    expect(said({ links: '108' }, { ...road, chainstayMm: 410 })['links']).toContain(
      'at least 110',
    );
    expect(read({ links: '110' }, { ...road, chainstayMm: 410 }).ok).toBe(true);
    expect(said({ links: '39' })['links']).toContain('40 to 250');
    // Without a derailleur it only has to go round: 2 × hypot(35.43, 22 / 2π) + 62 / 2 = 102.2.
    expect(fewestLinks({ ...hub, chainstayMm: 450 })).toBe(103);
  });

  it('for eight speeds is too wide between twelve cogs; for a hub gear the count says nothing', () => {
    expect(said({ speeds: '8' }, { ...road, speeds: 12 })['speeds']).toContain('between 12 cogs');
    expect(read({ speeds: '11' }, { ...road, speeds: 9 }).ok).toBe(true);
    expect(read({ speeds: '1' }, { ...hub, speeds: 8 }).ok).toBe(true);
  });

  it('keeps each problem at its field', () => {
    const all = said({
      links: 'many',
      speeds: '0',
      openingsAllowed: '0',
      baseline: '2',
      price: '-1',
    });
    expect(Object.keys(all).sort()).toEqual([
      'baseline',
      'links',
      'openingsAllowed',
      'price',
      'speeds',
    ]);
    expect(read({ openingsAllowed: '5' })).toMatchObject({ value: { openingsAllowed: 5 } });
  });
});
