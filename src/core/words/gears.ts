import { formatSpell } from '../units/format';

/** More gears than these nobody reads. */
const MOST = 3;

/** The gears a ride was ridden in most: "Mostly on 50×17 (42 min), 50×19 (30 min)"; null: nothing recorded them. */
export function gearsLine(
  gears: readonly (readonly [number, number, number])[] | undefined,
): string | null {
  if (!gears || gears.length === 0) return null;
  const most = [...gears].sort((a, b) => b[2] - a[2]).slice(0, MOST);
  const said = most.map(([ring, cog, minutes]) => `${ring}×${cog} (${formatSpell(minutes / 60)})`);
  return `Mostly on ${said.join(', ')}`;
}
