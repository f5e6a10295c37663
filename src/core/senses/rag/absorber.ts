/**
 * Dirt on cloth by what it takes of the light. Source: Kubelka and Munk 1931, Z. tech. Phys. 12:593: of a layer
 * that lets nothing through, K/S = (1 - R)^2 / 2R, and it grows with the dirt, which R does not.
 */

/** Darker than this a photograph cannot tell apart. Own estimate: half a step of eight bits on lit cloth. */
const DARKEST = 0.005;

/** Returns K/S of a reflectance from 0 to 1; nothing below the darkest a photograph tells, nothing above clean. */
export function absorberOf(reflectance: number): number {
  const r = Math.min(1, Math.max(DARKEST, reflectance));
  return (1 - r) ** 2 / (2 * r);
}

/** Returns the reflectance of an even mark of this K/S: `absorberOf` turned round. */
export const reflectanceOf = (absorber: number): number =>
  1 + absorber - Math.sqrt(absorber ** 2 + 2 * absorber);
