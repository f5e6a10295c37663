import { Chance } from '@/core/chance/chance';
import {
  beatsOf,
  countedGear,
  countLikelihood,
  turnsToTell,
  type Beat,
  type CountedGear,
} from '@/core/faults/rhythm';

/** A drivetrain as they are sold: common practice. */
function randomGear(chance: Chance): CountedGear {
  const ring = 28 + Math.floor(27 * chance.uniform());
  const cog = 10 + Math.floor(40 * chance.uniform());
  const links = 100 + 2 * Math.floor(13 * chance.uniform());
  return countedGear({ gear: 'derailleur' }, { ring, cog, links });
}

/**
 * The share of random drivetrains on which a count names the right thing, off by one either way, at the turns asked for.
 * Where two things coincide another gear is taken, as is asked.
 */
export function rightlyNamed(drivetrains: number): number {
  const chance = new Chance(17, 3);
  let right = 0;
  let asked = 0;
  while (asked < drivetrains) {
    const drivetrain = randomGear(chance);
    const beats = [...beatsOf(drivetrain)];
    const [name, rate] = beats[Math.floor(beats.length * chance.uniform())] as [Beat, number];
    const turns = beats.map(([other, r]) => (other === name ? 6 : turnsToTell(rate, r)));
    if (turns.includes(null)) continue;
    asked += 1;
    const k = Math.max(...(turns as number[]));
    const off = Math.floor(3 * chance.uniform()) - 1;
    const heard = { turns: k, events: Math.max(0, Math.round(k * rate) + off), gear: drivetrain };
    const likeliest = beats
      .map(([beat, r]) => [beat, countLikelihood(heard, r)] as const)
      .sort((a, b) => b[1] - a[1])[0]!;
    if (likeliest[0] === name) right += 1;
  }
  return right / drivetrains;
}
