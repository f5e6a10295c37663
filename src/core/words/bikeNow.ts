import type { BikeState } from '../bench/bikeState';

/** What is out of the ordinary of a bike at the bench, part by part, as one who comes back to it wants to know. */
const ODD: readonly [(s: BikeState) => boolean, string][] = [
  [(s) => s.motor === 'battery out', 'battery out'],
  [(s) => s.wheel === 'out', 'wheel out'],
  [(s) => s.wheel === 'loose', 'rear wheel loose'],
  [(s) => s.rimBrake === 'opened', 'rim brake open'],
  [(s) => s.keeper === 'in', 'chain keeper in'],
  [(s) => s.rotor === 'covered', 'rotor covered'],
  [(s) => s.hook === 'on', 'chain hooked'],
  [(s) => s.chain === 'off', 'chain off'],
  [(s) => s.chain === 'in the jar', 'chain in the jar'],
  [(s) => s.chain === 'laid in', 'chain laid in, still open'],
  [(s) => s.closure === 'closed', 'link not proved yet'],
  [(s) => s.degreaser === 'on', 'degreaser on'],
  [(s) => s.water === 'wet inside', 'chain wet'],
  [(s) => s.water === 'towelled', 'chain wet inside'],
  [(s) => s.pot === 'hot', 'pot hot'],
  [(s) => s.kettle === 'hot', 'kettle hot'],
];

/** How the bike stands between two steps: "The bike now: wheel out, chain off. Don’t touch the brake lever." Null: as ever. */
export function bikeNowSentence(state: BikeState): string | null {
  const odd = ODD.flatMap(([is, words]) => (is(state) ? [words] : []));
  const warning = state.levers === 'hands off' ? ' Don’t touch the brake lever.' : '';
  return odd.length === 0 ? null : `The bike now: ${odd.join(', ')}.${warning}`;
}
