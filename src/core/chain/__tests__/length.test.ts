import { Chance } from '@/core/chance/chance';
import {
  axleAtMm,
  derailleurLength,
  fixedLengths,
  leaningLinks,
  quickLinks,
  slackTeeth,
} from '../length';
import { PITCH_MM } from '../geometry';

/**
 * Links of a chain pulled tight around two sprockets, by plain geometry: two straight lines that touch both pitch circles,
 * and the teeth that each holds. Shares nothing with the rules under test.
 */
function tightAround(stayMm: number, ring: number, cog: number): number {
  const radius = (teeth: number) => PITCH_MM / (2 * Math.sin(Math.PI / teeth));
  const lean = Math.asin((radius(ring) - radius(cog)) / stayMm);
  const straight = (stayMm * Math.cos(lean)) / PITCH_MM;
  const held = (teeth: number, angle: number) => (teeth * angle) / (2 * Math.PI);
  return 2 * straight + held(ring, Math.PI + 2 * lean) + held(cog, Math.PI - 2 * lean);
}

const drawn = (chance: Chance) => ({
  chainstayMm: 380 + Math.floor(chance.uniform() * 120),
  ring: 28 + Math.floor(chance.uniform() * 28),
  cog: 11 + Math.floor(chance.uniform() * 42),
});

describe('length for a derailleur', () => {
  it.each([
    // By hand: 2 × 16.14 + 84 / 4 + 1 = 54.3 in, 55 in: 110 links. Leaning by 1.27 in adds 0.1 in.
    ['road', 410, 50, 34, 110, 110],
    // 2 × 17.32 + 83 / 4 + 1 = 56.4 in, 57 in. Leaning by 1.51 in adds 0.13 in.
    ['mountain', 440, 32, 51, 114, 114],
    // 2 × 16.93 + 72 / 4 + 1 = 52.86 in, 53 in. Leaning by 0.8 in adds 0.04 in.
    ['town', 430, 44, 28, 106, 106],
  ])('%s: as worked out by hand', (_, chainstayMm, ring, cog, quick, leaning) => {
    const drive = { chainstayMm, ring, cog };
    expect(quickLinks(drive)).toBe(quick);
    expect(leaningLinks(drive)).toBe(leaning);
  });

  it('is never too short for the largest ring on the largest cog, nor two inches too long', () => {
    const chance = new Chance(19);
    const found = Array.from({ length: 10_000 }, () => {
      const drive = drawn(chance);
      const tight = tightAround(drive.chainstayMm, drive.ring, drive.cog);
      const { links, rules } = derailleurLength(drive.chainstayMm, drive, null)!;
      return { links, beyond: links - tight, gained: rules!.leaning - rules!.quick };
    });
    expect(found.filter(({ links }) => links % 2 !== 0)).toEqual([]);
    // The cage needs an inch beyond the way around both; a twentieth of a link is the rules' own roundness.
    expect(found.filter(({ beyond }) => beyond < 2 - 0.05 || beyond > 4 + 0.2)).toEqual([]);
    expect(found.filter(({ gained }) => gained < 0)).toEqual([]);
  });

  it('takes the longest where the old chain and the rules differ', () => {
    const wheels = { ring: 50, cog: 34 };
    const rules = { quick: 110, leaning: 110 };
    expect(derailleurLength(410, wheels, 114)).toEqual({ rules, old: 114, links: 114 });
    expect(derailleurLength(410, wheels, 106)!.links).toBe(110);
    // Whichever the rider has.
    expect(derailleurLength(null, wheels, 112)).toEqual({ rules: null, old: 112, links: 112 });
    expect(derailleurLength(null, wheels, null)).toBeNull();
  });

  it('asks a cage for the teeth between both ends', () => {
    // 50 and 34 with 11 to 34: 16 + 23.
    expect(slackTeeth([50, 34], 11, 34)).toBe(39);
    expect(slackTeeth([32], 10, 51)).toBe(41);
  });
});

describe('length without a derailleur', () => {
  it('puts the axle where plain geometry has it', () => {
    const chance = new Chance(20);
    for (let n = 0; n < 2000; n++) {
      const { chainstayMm, ring, cog } = drawn(chance);
      const links = tightAround(chainstayMm, ring, cog);
      expect(Math.abs(axleAtMm(links, ring, cog) - chainstayMm)).toBeLessThan(0.6);
    }
  });

  it('lists what fits the slot, with half links', () => {
    // A link more moves the axle by a quarter of an inch, 6.4 mm; by hand for 16 on 42 teeth at 400 mm: 92.8 links tight.
    const fits = fixedLengths({ chainstayMm: 400, ring: 42, cog: 16 }, 20);
    expect(tightAround(400, 42, 16)).toBeCloseTo(92.54, 1);
    expect(fits.map(({ links, half }) => [links, half])).toEqual([
      [93, true],
      [94, false],
      [95, true],
    ]);
    for (const { backMm } of fits) {
      expect(backMm).toBeGreaterThanOrEqual(0);
      expect(backMm).toBeLessThanOrEqual(20);
    }
    expect(fits[1]!.backMm - fits[0]!.backMm).toBeCloseTo(PITCH_MM / 2, 0);
    // A slot shorter than a quarter of an inch may take none.
    expect(fixedLengths({ chainstayMm: 400, ring: 42, cog: 16 }, 1)).toEqual([]);
  });
});
