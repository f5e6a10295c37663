import { derailleurLength, fixedLengths } from '@/core/chain/length';
import { PRESETS } from '@/core/garage/presets';
import type { Bike } from '@/core/records/garage';
import { chainFigures, fixedSaid, lengthSaid, whichChain } from '../newChain';

const common = { id: 'b', name: 'Mine', retired: false, changedAt: '2026-01-01T00:00:00.000Z' };
const bike = (more: Partial<Bike>): Bike => ({ ...PRESETS.road.specs, ...common, ...more });
const length = (old: number | null, stay: number | null = 410) =>
  lengthSaid(derailleurLength(stay, { ring: 50, cog: 34 }, old)!);

describe('which chain', () => {
  it('names what else runs, and what does not', () => {
    expect(whichChain(bike({ speeds: 9 })).join(' ')).toContain(
      'One for 10 or 11 speeds runs too.',
    );
    expect(whichChain(bike({ speeds: 11 })).join(' ')).toContain(
      'One for fewer speeds is too wide',
    );
    expect(whichChain(bike({ speeds: 12 })).join(' ')).toContain('differ by make');
    expect(whichChain(bike({ narrowWide: true })).join(' ')).toContain(
      'outer link on each wide one',
    );
    expect(whichChain(bike({ gear: 'hub' })).join(' ')).toContain('1/8 in');
  });
});

describe('how long', () => {
  it('says both rules and the old chain where they differ, and asks where it is far off', () => {
    expect(length(null)).toEqual(['Cut it to 110 links.', 'Both rules of the trade come to 110.']);
    expect(length(110)).toContain('The old chain had as many.');
    const near = length(112).join(' ');
    expect(near).toContain('Cut it to 112 links.');
    expect(near).toContain('The old chain had 112. If nothing else was changed');
    expect(length(120).join(' ')).toContain('far off');
    expect(length(112, null).join(' ')).toBe(
      'Cut it to 112 links. The old chain had as many. Measure the chainstay, and two rules of the trade check it.',
    );
  });

  it('prefers whole links in a slot, then a half link, then says that none fits', () => {
    const drive = { chainstayMm: 400, ring: 42, cog: 16 };
    expect(fixedSaid(fixedLengths(drive, 20)).join(' ')).toMatch(/^94 links put the axle 9\.\d mm/);
    expect(fixedSaid(fixedLengths(drive, 4)).join(' ')).toContain('With a half link, 93 links');
    expect(fixedSaid(fixedLengths(drive, 1)).join(' ')).toContain('No length fits');
  });
});

describe('a chain in figures', () => {
  it('has laps, bends and parts (common practice: 2.28 turns, about 40,000 a minute, 456)', () => {
    const said = chainFigures({ links: 114 }, bike({ rings: [50, 34] })).join(' ');
    expect(said).toContain('2.28 on the 50 ring and 3.35 on the 34 ring');
    expect(said).toContain('about 36,000 times a minute');
    expect(said).toContain('456 parts');
    expect(said).toContain('with bushings, as older ones are, it would be 570');
  });
});
