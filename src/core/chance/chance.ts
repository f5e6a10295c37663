import { xoroshiro128plus } from 'pure-rand/generator/XoroShiro';

/** A stream of chance that is the same for the same seed. */
export class Chance {
  private readonly source;

  /** Each number of the seed counts, so that neighbouring days are strangers. */
  constructor(...seed: number[]) {
    let mixed = 0x9e3779b9;
    for (const part of seed) {
      mixed = Math.imul(mixed ^ (part | 0), 0x85ebca6b);
      mixed ^= mixed >>> 13;
      mixed = Math.imul(mixed, 0xc2b2ae35);
      mixed ^= mixed >>> 16;
    }
    this.source = xoroshiro128plus(mixed);
  }

  /** Uniform, 0 to 1, without either end. */
  uniform(): number {
    return ((this.source.unsafeNext() >>> 0) + 0.5) / 2 ** 32;
  }

  /** Standard normal: Box and Muller 1958. */
  normal(): number {
    return Math.sqrt(-2 * Math.log(this.uniform())) * Math.cos(2 * Math.PI * this.uniform());
  }

  /** Gamma of mean 1: Marsaglia and Tsang 2000, with their step for shapes below 1. */
  gamma(shape: number): number {
    const lifted = shape < 1 ? shape + 1 : shape;
    const d = lifted - 1 / 3;
    const c = 1 / Math.sqrt(9 * d);
    for (;;) {
      const x = this.normal();
      const v = (1 + c * x) ** 3;
      if (v <= 0 || Math.log(this.uniform()) >= 0.5 * x * x + d * (1 - v + Math.log(v))) continue;
      const lowered = shape < 1 ? this.uniform() ** (1 / shape) : 1;
      return (d * v * lowered) / shape;
    }
  }

  pick<T>(list: readonly T[]): T {
    return list[Math.floor(this.uniform() * list.length)] as T;
  }
}
