import type { BenchRound, RoundSeen } from '../bench/rounds';
import type { Bike } from '../records/garage';
import type { Round, RoundEnd } from '../records/rounds';
import type { RoundState } from '../rounds/due';
import { roundName } from './roundLines';

/** How a round is done. */
export interface RoundSaid {
  tools: string;
  steps: readonly string[];
  /** What can hurt, and when a qualified mechanic is to see it. */
  caution: string;
}

/** What of a bike bears on how its rounds are done. */
type RoundBike = Pick<Bike, 'brake' | 'gear'>;

/** Where oil must not come on this bike. */
const brakesOn = (brake: Bike['brake']): string =>
  brake === 'rim'
    ? 'on a pad or a rim'
    : brake.startsWith('disc')
      ? 'on a pad, a rotor or its bolts'
      : 'in the brake';

/** How a cable is tried that was seated again. */
const TRIED: Record<Bike['gear'], string> = {
  derailleur: 'shift through all gears',
  hub: 'change through all gears',
  single: '',
};

const SAID: Record<Round, (bike: RoundBike) => RoundSaid> = {
  tyres: () => ({
    tools: 'Pump with a gauge, something blunt for stones',
    steps: [
      'Read the pressure and pump to your usual one, within what tyre and wheel allow.',
      'Turn the wheel slowly and pick out stones and glass.',
      'Look for cuts, threads that show and bulges in the side.',
    ],
    caution: 'A bulge or a cut to the threads can burst. Do not ride on it; change the tyre.',
  }),
  'brake pads': ({ brake }) => ({
    tools: 'A light',
    steps: [
      brake === 'rim'
        ? 'Look at the grooves of each pad. When they are gone, so is the pad.'
        : 'Look down into the caliper at both pads. Each needs about a millimetre of lining beside its metal, or what its maker says.',
      'Pull each lever. It must stop well before the bar, and feel as it did.',
    ],
    caution:
      'Pads that are worn, oiled or crumbling are replaced before the next ride. If you are not sure of the brake, a qualified mechanic sees it.',
  }),
  rotors: () => ({
    tools: 'Alcohol or brake cleaner, a clean rag',
    steps: [
      'Let the rotor get cold. Spin the wheel and listen for a rub that comes once a turn.',
      'Look along it at the pads. It should not wander by more than the gap.',
      'Wipe it with alcohol on a clean rag, and keep fingers off its faces and out of its holes.',
    ],
    caution:
      'A turning rotor cuts and a used one burns. A bent, cracked or thin one is for a qualified mechanic.',
  }),
  rims: () => ({
    tools: 'Rag, a light',
    steps: [
      'Wipe both braking faces and pick grit out of the pads.',
      'Feel the faces with the wheel still. A hollow means that the rim is wearing thin; many have a mark that goes when it is finished.',
      'Spin the wheel and watch the gap to the pads.',
    ],
    caution:
      'A rim that is worn through can burst. At a hollow or a crack, a qualified mechanic sees it before you ride.',
  }),
  'jockey bearings': () => ({
    tools: 'Small hex key, rag, brush, a dab of grease',
    steps: [
      'With the chain off or lifted, flick each jockey wheel. It should turn freely and quietly. Upper and lower may differ.',
      'If one is gritty, undo its bolt, take the covers off, brush the bearing out and put in a dab of grease.',
      'Bolt it back with the chain on the right side of the tab. The wheels turn again and do not wobble.',
    ],
    caution:
      'Keep fingers away while the cranks turn. A wheel that stays stuck or has hooked teeth is replaced. Note the order of the parts before you pull them off.',
  }),
  pivots: ({ brake }) => ({
    tools: 'Light oil, rag',
    steps: [
      'Put a drop on each pivot of the derailleurs and on the ends of their springs. Move them through all gears.',
      ...(brake === 'rim'
        ? ['Put a drop on the pivots of the brake arms, and none on the pads.']
        : []),
      'Wipe off all that does not sink in.',
    ],
    caution: `Oil ${brakesOn(brake)} takes the brake away. Use a drop, and never a spray.`,
  }),
  cables: ({ gear, brake }) => ({
    tools: 'Light grease or dry film, rag',
    steps: [
      ...(gear === 'derailleur'
        ? [
            'Shift to the largest cog, stop, and shift down without turning the cranks. The cable hangs slack and comes out of its stops.',
          ]
        : []),
      'Slide the outer along and wipe the inner. Put a trace of grease or dry film where it runs inside.',
      `Seat every end again, and ${TRIED[gear]}${brake === 'disc, hydraulic' ? '' : `${gear === 'single' ? '' : ' and '}pull the levers a few times`}.`,
    ],
    caution:
      brake === 'disc, hydraulic'
        ? 'A cable with broken strands is replaced. Hydraulic and electric lines are for a qualified mechanic.'
        : 'A brake cable with broken strands is replaced before you ride. Pull hard on both levers before you set off. Electric lines are for a qualified mechanic.',
  }),
  bolts: ({ brake }) => ({
    tools: 'Hex keys, rag with a trace of oil',
    steps: [
      'Wipe exposed bolts and screws with the oily rag, so that a thin film stays against rust.',
      'Try each for play by hand. Tighten with a torque key to what is written beside it.',
    ],
    caution: `No oil ${brakesOn(brake)} or in the clamps of carbon parts. Stem, bar and seat bolts that will not hold are for a qualified mechanic.`,
  }),
  freehub: ({ gear }) => ({
    tools: 'Nothing',
    steps: [
      'Lift the wheel, turn the cranks forward, stop and listen. It ticks evenly, or runs silently if it always did.',
      `Turn backward. The ${gear === 'derailleur' ? 'cogs' : 'cog'} must not drag the chain along or wobble.`,
    ],
    caution: `A ${gear === 'derailleur' ? 'freehub' : 'freewheel'} that slips, or has fallen silent, can let go under load. It is for a qualified mechanic, before the next ride.`,
  }),
  cranks: () => ({
    tools: 'Hex keys',
    steps: [
      'Hold a crank and push it from side to side. There is no play.',
      'Lay the chain off and turn the cranks. They turn smoothly and without a sound.',
      'Try the bolts of the rings. None turns by hand.',
    ],
    caution: 'Play that comes back after tightening to its torque is for a qualified mechanic.',
  }),
};

export const roundSaid = (round: Round, bike: RoundBike): RoundSaid => SAID[round](bike);

/** A round as it rides along with a job at the bench. */
export const atBenchRound = (
  { round, minutes }: Pick<RoundState, 'round' | 'minutes'>,
  bike: RoundBike,
): BenchRound => {
  const { tools, steps, caution } = roundSaid(round, bike);
  // It stands in a list of things to lay out.
  const inList = tools.charAt(0).toLowerCase() + tools.slice(1);
  return { round, name: roundName(round, bike), minutes, tools: inList, steps, caution };
};

const SEEN: Record<RoundEnd, string> = {
  fine: 'looked at, and all is as it should be',
  'put right': 'looked at and put right',
  workshop: 'looked at, and left for a workshop',
};

/** "Tyres: looked at and put right." */
export const roundSeenSentence = ({ round, end }: RoundSeen, bike: RoundBike): string =>
  `${roundName(round, bike)}: ${SEEN[end]}.`;
