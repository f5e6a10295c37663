import { kitFor, type GoingOut } from '@/core/bench/kit';
import { PRESETS } from '@/core/garage/presets';
import type { Bike } from '@/core/records/garage';
import { TEST_GARAGE } from '@/test/arbitraries';
import { brokenLink, kitLines } from '../road';

const chain = TEST_GARAGE.chains.c1!;
const out = (
  name: string,
  speeds: number,
  more: Partial<Bike> = {},
  lube: GoingOut['lube'] = 'wet',
) => ({
  bike: {
    ...PRESETS.road.specs,
    ...TEST_GARAGE.bikes.b1!,
    name,
    gear: 'derailleur' as const,
    ...more,
  },
  chain: { ...chain, speeds },
  lube,
});

describe('what to carry', () => {
  it('is a spare link of each width, by name where makes differ, and a bottle where rain rinses', () => {
    const kit = kitFor([
      out('Seven', 7),
      out('Eight', 8),
      out('Twelve', 12, {}, 'dry'),
      out('Hub', 8, { gear: 'hub' }),
    ]);
    expect(kit.links.map(({ width, bikes, ofItsMake }) => [width?.name, bikes, ofItsMake])).toEqual(
      [
        ['5 to 8 speeds', ['Seven', 'Eight'], false],
        ['12 speeds', ['Twelve'], true],
        [undefined, ['Hub'], false],
      ],
    );
    const lines = kitLines(kit);
    expect(lines[0]).toBe('Spare quick link for 5 to 8 speeds (Seven and Eight)');
    expect(lines[1]).toBe('Spare quick link for 12 speeds, of the chain’s make (Twelve)');
    expect(lines[2]).toBe('Spare quick link as wide as the chain (Hub)');
    expect(lines.at(-1)).toContain('wet lube, for rain takes off the coat of Twelve');
    expect(kitLines(kitFor([out('Wet', 11)])).join(' ')).not.toContain('bottle');
  });
});

describe('when a link breaks', () => {
  const said = (speeds: number, more: Partial<Bike>) => {
    const { bike, chain: on } = out('Bike', speeds, more);
    return brokenLink(bike, on).join(' ');
  };

  it('stops first, and warns of what can hurt on this bike', () => {
    expect(brokenLink(out('Bike', 11).bike, chain)[0]).toMatch(/^Stop well off the road/);
    expect(said(11, {})).toContain('can tear the derailleur off');
    expect(said(11, {})).toContain('riveted');
    expect(said(10, {})).toContain('riveted');
    expect(said(9, {})).not.toContain('riveted');
    expect(said(11, {})).not.toContain('brakes through its chain');
    expect(said(8, { gear: 'hub', drive: 'coaster' })).toContain('brakes through its chain');
    expect(said(8, { gear: 'single', drive: 'fixed' })).toContain('13 mm further forward');
    expect(said(10, { ebike: true })).toContain('motor off');
  });
});
