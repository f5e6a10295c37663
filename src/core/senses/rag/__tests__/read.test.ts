import { converter } from 'culori';
import { PLAIN_RAG, ragPicture, type RagScene } from '@/test/ragPicture';
import { ragTrials, readScene, shareWithin } from '@/test/ragTrials';
import { absorberOf, reflectanceOf } from '../absorber';
import { linearOf, luminanceOf } from '../light';
import { cellsOf, readRag, seeRag } from '../sight';

describe('light', () => {
  const toLinear = converter('lrgb');
  const toXyz = converter('xyz65');

  it('is made linear as culori 4.0 has it (IEC 61966-2-1), every byte', () => {
    for (let v = 0; v < 256; v++)
      expect(linearOf(v)).toBeCloseTo(
        toLinear({ mode: 'rgb', r: v / 255, g: v / 255, b: v / 255 })!.r,
        6,
      );
  });

  it('has the luminance culori 4.0 gives as Y of XYZ', () => {
    for (const [r, g, b] of [
      [10, 200, 90],
      [250, 3, 70],
      [128, 128, 128],
    ] as const)
      expect(luminanceOf(linearOf(r), linearOf(g), linearOf(b))).toBeCloseTo(
        toXyz({ mode: 'rgb', r: r / 255, g: g / 255, b: b / 255 })!.y,
        3,
      );
  });
});

describe('K/S of Kubelka and Munk', () => {
  // By hand: (1 - R)² / 2R. 0.5: 0.25/1; 0.2: 0.64/0.4; 0.1: 0.81/0.2; 0.9: 0.01/1.8; 1: nothing.
  it.each([
    [1, 0],
    [0.9, 0.005556],
    [0.5, 0.25],
    [0.2, 1.6],
    [0.1, 4.05],
  ])('of %p is %p', (reflectance, absorber) => {
    expect(absorberOf(reflectance)).toBeCloseTo(absorber, 5);
    expect(reflectanceOf(absorber)).toBeCloseTo(reflectance, 4);
  });

  it('is nothing above clean, and has an end in the dark', () => {
    expect(absorberOf(1.2)).toBe(0);
    expect(absorberOf(0)).toBe(absorberOf(0.005));
  });
});

const read = (change: Partial<RagScene>) => readScene({ ...PLAIN_RAG, ...change });
const reflectance = (change: Partial<RagScene>): number => {
  const reading = read(change);
  if (!reading.ok) throw new Error(reading.problem.code);
  return reading.value.reflectance;
};

describe('a photographed rag', () => {
  it('is read within 0.05 of its reflectance in 95 % of rendered pictures; 500 in `npm run audit`', () => {
    const trials = ragTrials(2000, 12);
    expect(shareWithin(trials, 0.05)).toBeGreaterThanOrEqual(0.95);
    // Only what the camera clipped is refused: nobody’s light is too odd.
    for (const { code, ev } of trials.refused) {
      expect(code).toBe('rag/clipped');
      expect(ev).toBeGreaterThan(0.8);
    }
    expect(trials.refused.length).toBeLessThan(4);
  });

  it('reads the same by candle, lamp and daylight, dark and bright', () => {
    for (const light of [
      { kelvin: 2700, balanced: 0.5 },
      { kelvin: 4000, ev: -1.5 },
      { kelvin: 6500, ev: 0.9 },
    ])
      expect(Math.abs(reflectance(light) - 0.3)).toBeLessThan(0.03);
  });

  it('reads a coloured rag by its own clean cloth', () => {
    for (const cloth of [
      [0.3, 0.42, 0.7],
      [0.75, 0.5, 0.45],
      [0.45, 0.6, 0.4],
    ] as const)
      expect(Math.abs(reflectance({ cloth }) - 0.3)).toBeLessThan(0.05);
  });

  it('counts a black spot and a wide grey of the same dirt alike', () => {
    // A quarter of the area at R = 0.1: K/S 4.05 / 4 = 1.0125, which an even mark of R 0.264 has.
    const spots = read({
      marks: [{ ...PLAIN_RAG.marks[0]!, reflectance: 0.1, spots: 0.25 }],
      noise: 0.5,
    });
    const wide = read({
      marks: [{ ...PLAIN_RAG.marks[0]!, reflectance: reflectanceOf(1.0125) }],
      noise: 0.5,
    });
    expect(spots.ok && wide.ok && spots.value.absorber / wide.value.absorber).toBeGreaterThan(0.7);
    expect(spots.ok && wide.ok && spots.value.absorber / wide.value.absorber).toBeLessThan(1.3);
  });

  it('reads several marks as patches of one rag', () => {
    const mark = { wide: 0.16, high: 0.14, reflectance: 0.3 };
    const reading = read({
      marks: [
        { ...mark, x: -0.25, y: -0.1 },
        { ...mark, x: 0.22, y: 0.12, reflectance: 0.4 },
      ],
    });
    expect(reading).toMatchObject({ ok: true, value: { patches: 2 } });
    const one = read({ marks: [{ ...mark, x: -0.25, y: -0.1 }] });
    // Marks that differ say less than one alone claims.
    expect(reading.ok && one.ok && reading.value.sd > one.value.sd).toBe(true);
  });

  it('counts what lies in two outlines once', () => {
    const cells = cellsOf(ragPicture(PLAIN_RAG));
    const { rag, marks } = seeRag(cells).outlines!;
    const [u, v] = [0.52, 0.51];
    const small = [
      [u - 0.03, v - 0.03],
      [u + 0.03, v - 0.03],
      [u, v + 0.03],
    ] as const;
    const once = readRag(cells, { rag, marks });
    const twice = readRag(cells, { rag, marks: [...marks, small] });
    expect(once.ok && twice.ok && twice.value.absorber / once.value.absorber).toBeCloseTo(1, 9);
  });

  it('finds nothing on a clean rag', () => {
    expect(read({ marks: [] })).toMatchObject({
      ok: true,
      value: { patches: 0, absorber: 0, reflectance: 1 },
    });
  });

  it('takes no glove, hand or fold at the edge for a mark', () => {
    const glove = (u: number, v: number) =>
      Math.hypot((u - 0.5) / 0.16, (v - 0.1) / 0.1) < 1 ? ([0.02, 0.02, 0.025] as const) : null;
    expect(Math.abs(reflectance({ extra: glove }) - 0.3)).toBeLessThan(0.05);
    const hand = (u: number, v: number) =>
      Math.hypot((u + 0.5) / 0.2, (v - 0.2) / 0.12) < 1 ? ([0.5, 0.3, 0.22] as const) : null;
    expect(Math.abs(reflectance({ extra: hand }) - 0.3)).toBeLessThan(0.05);
  });

  it('asks where all that is dark runs off the rag, or is rust or paint: it calls no such rag clean', () => {
    const wide = { x: 0.34, y: 0, wide: 0.5, high: 0.9, reflectance: 0.2 };
    expect(read({ marks: [wide] })).toMatchObject({ ok: false, problem: { code: 'rag/unsure' } });
    const rust = (u: number, v: number) =>
      Math.hypot(u / 0.14, v / 0.1) < 1 ? ([0.5, 0.2, 0.08] as const) : null;
    expect(read({ marks: [], extra: rust })).toMatchObject({
      ok: false,
      problem: { code: 'rag/unsure' },
    });
    // Outlined by the rider it is read.
    const cells = cellsOf(ragPicture({ ...PLAIN_RAG, turn: 0, tilt: 0, marks: [wide] }));
    const { rag } = seeRag(cells).outlines!;
    const [u, v] = [0.5 + 0.3 * 0.75, 0.5];
    const mark = [
      [u - 0.1, v - 0.2],
      [u + 0.1, v - 0.2],
      [u + 0.1, v + 0.2],
      [u - 0.1, v + 0.2],
    ] as const;
    const outlined = readRag(cells, { rag, marks: [mark] });
    expect(outlined.ok && Math.abs(outlined.value.reflectance - 0.2)).toBeLessThan(0.05);
  });

  it('reads the nearer of two rags', () => {
    const other = (u: number, v: number) =>
      u > 0.42 && u < 0.64 && Math.abs(v) < 0.3 ? ([0.7, 0.7, 0.7] as const) : null;
    expect(Math.abs(reflectance({ clothWide: 0.72, turn: 0, extra: other }) - 0.3)).toBeLessThan(
      0.05,
    );
  });

  it('reads a paper towel with its pattern', () => {
    const towel = (u: number, v: number) => {
      if (Math.abs(u) > 0.5 || Math.abs(v) > 0.37) return null;
      const pattern = 0.86 * (1 + 0.05 * Math.sin(u * 120) * Math.sin(v * 120));
      const dark = Math.hypot(u / 0.14, v / 0.1) < 1 ? 0.3 : 1;
      return [pattern * dark, pattern * dark, pattern * dark] as const;
    };
    expect(Math.abs(reflectance({ extra: towel }) - 0.3)).toBeLessThan(0.05);
  });
});

describe('a picture that tells nothing is refused', () => {
  it.each<[string, Partial<RagScene>]>([
    ['rag/blurred', { blur: 14 }],
    ['rag/clipped', { ev: 1.9, cloth: [0.82, 0.82, 0.82] }],
    ['rag/uneven', { gradient: 0.7, gradientWay: 0 }],
    ['rag/none', { clothWide: 0, clothHigh: 0, bench: [0.03, 0.03, 0.03], noise: 12 }],
  ])('%s', (code, change) => {
    expect(read(change)).toMatchObject({ ok: false, problem: { code } });
  });

  it('rag/no-clean, where the rider’s outline of the mark takes in the whole rag', () => {
    const cells = cellsOf(ragPicture(PLAIN_RAG));
    const { rag } = seeRag(cells).outlines!;
    expect(readRag(cells, { rag, marks: [rag] })).toMatchObject({
      ok: false,
      problem: { code: 'rag/no-clean' },
    });
  });

  it('but a slight blur is none', () => {
    expect(read({ blur: 1 }).ok).toBe(true);
  });
});
