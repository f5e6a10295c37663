import jpeg from 'jpeg-js';
import { Chance } from '@/core/chance/chance';

/**
 * A rag as a camera sees it, rendered from known reflectances: nothing here is shared with what reads it. Light is
 * Planck's by temperature, then the camera's white balance, exposure, noise, sRGB and JPEG.
 */
export interface RagScene {
  width: number;
  height: number;
  /** Light, K, and exposure, EV about a cloth at a third of the scale. */
  kelvin: number;
  ev: number;
  /** How much of the light's colour the camera takes out, 0 to 1. */
  balanced: number;
  /** Light at one edge over the other's, less one, and which way it falls off, rad. */
  gradient: number;
  gradientWay: number;
  /** Standard deviation of a pixel, in steps of 255. */
  noise: number;
  /** JPEG quality; null: not compressed. */
  quality: number | null;
  /** Turned in the picture, rad, and nearer at one side than at the other, share. */
  turn: number;
  tilt: number;
  /** Reflectance of clean cloth and of what it lies on, linear red, green, blue. */
  cloth: Rgb;
  bench: Rgb;
  /** Shares of the picture's shorter side. */
  clothWide: number;
  clothHigh: number;
  marks: readonly RagMark[];
  /** Blur, pixels. */
  blur?: number;
  /** Something else in the picture. */
  extra?: (u: number, v: number) => Rgb | null;
  seed: number;
}

/** A mark on the cloth, in its own measure: 0, 0 its middle, 1 the picture's shorter side. */
export interface RagMark {
  x: number;
  y: number;
  wide: number;
  high: number;
  /** Reflectance beside the clean cloth, in luminance. */
  reflectance: number;
  /** Only a share of its area is dark, in spots. */
  spots?: number;
}

type Rgb = readonly [number, number, number];

/** Linear sRGB of a black body, green 1. Source: Planck's law at 610, 550 and 465 nm (CIE primaries' main wavelengths). */
export function planck(kelvin: number): Rgb {
  const c2 = 1.4388e7;
  const at = (nm: number) => nm ** -5 / (Math.exp(c2 / (nm * kelvin)) - 1);
  const even = (nm: number) => at(nm) / (nm ** -5 / (Math.exp(c2 / (nm * 6504)) - 1));
  return [even(610) / even(550), 1, even(465) / even(550)];
}

/** sRGB of linear light. Source: IEC 61966-2-1, from light to value. */
const encode = (light: number): number =>
  255 * (light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055);

/** Grime is a little brown: of this luminance, so much of each colour. */
function grime(reflectance: number): Rgb {
  const [r, g, b] = [1.05, 1, 0.9];
  const y = 0.2126 * r + 0.7152 * g + 0.0722 * b;
  return [r, g, b].map((c) => Math.min(1, (reflectance * c) / y)) as unknown as Rgb;
}

function markAt(marks: readonly RagMark[], u: number, v: number): RagMark | undefined {
  return marks.find(({ x, y, wide, high, spots }) => {
    const [a, b] = [(u - x) / (wide / 2), (v - y) / (high / 2)];
    // An edge that is no ellipse.
    const way = Math.atan2(b, a);
    const edge = 1 + 0.06 * Math.sin(3 * way) + 0.04 * Math.cos(5 * way);
    if (Math.hypot(a, b) > edge) return false;
    if (spots === undefined) return true;
    const cell = 0.06;
    const [p, q] = [(u / cell) % 1, (v / cell) % 1].map((w) => (w + 1) % 1) as [number, number];
    return Math.hypot(p - 0.5, q - 0.5) < Math.sqrt(spots / Math.PI);
  });
}

/** Returns the picture, and the share of its cloth that the camera clipped. */
export function ragPicture(scene: RagScene) {
  const { width, height, seed } = scene;
  const chance = new Chance(seed, 7);
  const light = planck(scene.kelvin).map((c) => c ** (1 - scene.balanced)) as unknown as Rgb;
  const short = Math.min(width, height);
  const linear = new Float32Array(3 * width * height);
  const [cos, sin] = [Math.cos(scene.turn), Math.sin(scene.turn)];
  const exposure =
    (0.33 / (0.7152 * scene.cloth[1] + 0.2126 * scene.cloth[0] + 0.0722 * scene.cloth[2])) *
    2 ** scene.ev;
  const grain = chance.uniform() * 10;
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [px, py] = [(x - width / 2) / short, (y - height / 2) / short];
      const near = 1 + scene.tilt * px;
      const [u, v] = [(cos * px + sin * py) * near, (cos * py - sin * px) * near];
      const fall =
        1 +
        scene.gradient *
          (px * Math.cos(scene.gradientWay) + py * Math.sin(scene.gradientWay)) *
          (short / Math.max(width, height));
      let rgb: Rgb;
      const extra = scene.extra?.(u, v);
      if (extra) rgb = extra;
      else if (Math.abs(u) < scene.clothWide / 2 && Math.abs(v) < scene.clothHigh / 2) {
        const weave = 1 + 0.01 * Math.sin(u * 400) * Math.sin(v * 400);
        const mark = markAt(scene.marks, u, v);
        const of = mark ? grime(mark.reflectance) : ([1, 1, 1] as const);
        rgb = scene.cloth.map((c, k) => c * weave * (of[k] as number)) as unknown as Rgb;
      } else {
        const wood = 1 + 0.25 * Math.sin(v * 60 + grain + 3 * Math.sin(u * 5 + grain));
        rgb = scene.bench.map((c) => c * wood) as unknown as Rgb;
      }
      for (let k = 0; k < 3; k++)
        linear[3 * (y * width + x) + k] =
          (rgb[k] as number) * (light[k] as number) * exposure * fall;
    }
  const seen = scene.blur ? blurred(linear, width, height, scene.blur) : linear;
  const rgba = new Uint8ClampedArray(4 * width * height);
  for (let n = 0; n < width * height; n++) {
    for (let k = 0; k < 3; k++)
      rgba[4 * n + k] = Math.round(
        encode(Math.max(0, seen[3 * n + k] as number)) + scene.noise * chance.normal(),
      );
    rgba[4 * n + 3] = 255;
  }
  if (scene.quality === null) return { width, height, rgba };
  const file = jpeg.encode({ width, height, data: rgba as unknown as Buffer }, scene.quality);
  const back = jpeg.decode(file.data, { useTArray: true });
  return { width, height, rgba: new Uint8ClampedArray(back.data.buffer) };
}

/** Blurred by running means, three times over: near enough a lens out of focus. */
function blurred(linear: Float32Array, width: number, height: number, by: number): Float32Array {
  const half = Math.round(by);
  let from = linear;
  for (let round = 0; round < 3; round++)
    for (const [count, lines, step, line] of [
      [width, height, 3, 3 * width],
      [height, width, 3 * width, 3],
    ] as const) {
      const to = new Float32Array(from.length);
      for (let l = 0; l < lines; l++)
        for (let k = 0; k < 3; k++) {
          const at = (n: number) => l * line + Math.min(count - 1, Math.max(0, n)) * step + k;
          let sum = 0;
          for (let n = -half; n <= half; n++) sum += from[at(n)] as number;
          for (let n = 0; n < count; n++) {
            to[at(n)] = sum / (2 * half + 1);
            sum += (from[at(n + half + 1)] as number) - (from[at(n - half)] as number);
          }
        }
      from = to;
    }
  return from;
}

/** A plain picture: pale cloth on dark wood, one mark of a known reflectance, daylight. */
export const PLAIN_RAG: RagScene = {
  width: 400,
  height: 300,
  kelvin: 6000,
  ev: 0,
  balanced: 1,
  gradient: 0.04,
  gradientWay: 1,
  noise: 1.5,
  quality: 90,
  turn: 0.1,
  tilt: 0.05,
  cloth: [0.82, 0.8, 0.75],
  bench: [0.1, 0.07, 0.05],
  clothWide: 1,
  clothHigh: 0.75,
  marks: [{ x: 0.02, y: 0.01, wide: 0.28, high: 0.22, reflectance: 0.3 }],
  seed: 1,
};

const CLOTHS: readonly Rgb[] = [
  [0.82, 0.8, 0.75],
  [0.9, 0.9, 0.9],
  [0.7, 0.68, 0.62],
  [0.35, 0.45, 0.7],
  [0.75, 0.6, 0.5],
];
const BENCHES: readonly Rgb[] = [
  [0.25, 0.15, 0.08],
  [0.18, 0.18, 0.18],
  [0.08, 0.2, 0.05],
  [0.04, 0.04, 0.05],
  [0.3, 0.32, 0.3],
];

/** A scene drawn at random: 2,700 to 6,500 K, 1.5 EV either way, noise, JPEG 60 to 95, turned and tilted. */
export function randomScene(seed: number, size: readonly [number, number] = [400, 300]): RagScene {
  const chance = new Chance(seed, 3);
  const between = (low: number, high: number) => low + (high - low) * chance.uniform();
  const one = <T>(of: readonly T[]): T => of[Math.floor(chance.uniform() * of.length)] as T;
  const wide = between(0.75, 1.15);
  const mark = {
    wide: between(0.14, 0.34),
    high: between(0.14, 0.3),
    x: between(-0.12, 0.12),
    y: between(-0.1, 0.1),
  };
  return {
    width: size[0],
    height: size[1],
    kelvin: between(2700, 6500),
    ev: between(-1.5, 1.5),
    balanced: between(0.5, 1),
    gradient: between(0, 0.13),
    gradientWay: between(0, 2 * Math.PI),
    noise: between(0.5, 4),
    quality: Math.round(between(60, 95)),
    turn: between(-0.5, 0.5),
    tilt: between(-0.25, 0.25),
    cloth: one(CLOTHS),
    bench: one(BENCHES),
    clothWide: wide,
    clothHigh: wide * between(0.65, 0.85),
    marks: [{ ...mark, reflectance: between(0.03, 0.97) }],
    seed,
  };
}
