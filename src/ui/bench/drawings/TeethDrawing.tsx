import { Circle, G, Path } from 'react-native-svg';
import type { Colors } from '../../theme/colors';
import { Label } from './Label';

/** From one tooth to the next, and the height of the valleys. */
const PITCH = 34;
const VALLEY_Y = 96;
const FOOT_Y = 126;
const TEETH = 4;

/** A blunt, even tooth between two round valleys, from where the last one ended. */
const evenTooth = (x: number): string =>
  `Q${x + 7} ${VALLEY_Y + 2} ${x + 10} ${VALLEY_Y - 12} Q${x + 11} ${VALLEY_Y - 24} ${x + 14} ${VALLEY_Y - 24} L${x + 20} ${VALLEY_Y - 24} Q${x + 23} ${VALLEY_Y - 24} ${x + 24} ${VALLEY_Y - 12} Q${x + 27} ${VALLEY_Y + 2} ${x + PITCH} ${VALLEY_Y}`;

/** A hooked tooth: worn thin, its tip drawn over to one side. */
const hookedTooth = (x: number): string =>
  `Q${x + 12} ${VALLEY_Y + 4} ${x + 17} ${VALLEY_Y - 12} Q${x + 18} ${VALLEY_Y - 25} ${x + 28} ${VALLEY_Y - 29} Q${x + 22} ${VALLEY_Y - 14} ${x + 24} ${VALLEY_Y - 4} Q${x + 26} ${VALLEY_Y + 5} ${x + PITCH} ${VALLEY_Y}`;

function rim(x: number, tooth: (x: number) => string): string {
  const teeth = Array.from({ length: TEETH }, (_, n) => tooth(x + n * PITCH)).join(' ');
  return `M${x} ${FOOT_Y} L${x} ${VALLEY_Y} ${teeth} L${x + TEETH * PITCH} ${FOOT_Y} Z`;
}

const LEFT = 16;
const RIGHT = 186;

/** Teeth from the side: even ones, and hooked ones that a new chain climbs. */
export function TeethDrawing({ colors }: { colors: Colors }) {
  return (
    <G>
      {[
        { x: LEFT, tooth: evenTooth },
        { x: RIGHT, tooth: hookedTooth },
      ].map(({ x, tooth }) => (
        <Path
          key={x}
          d={rim(x, tooth)}
          fill={colors.line}
          stroke={colors.ink}
          strokeWidth={2}
          strokeLinejoin="round"
        />
      ))}
      <Circle
        cx={RIGHT + 2 * PITCH - 5}
        cy={VALLEY_Y - 23}
        r={17}
        fill="none"
        stroke={colors.danger}
        strokeWidth={2.5}
      />
      <Label x={LEFT + 68} y={152} color={colors.ink} strong>
        good: even
      </Label>
      <Label x={RIGHT + 68} y={152} color={colors.ink} strong>
        worn: hooked
      </Label>
    </G>
  );
}
