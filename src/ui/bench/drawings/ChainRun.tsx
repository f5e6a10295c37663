import { G, Line, Circle } from 'react-native-svg';
import type { Colors } from '../../theme/colors';

interface Props {
  from: readonly [number, number];
  to: readonly [number, number];
  colors: Colors;
  /** Length of a link, px. */
  pitch?: number;
  color?: string;
}

/** A straight run of chain from the side: plates, and a roller at each pin. */
export function ChainRun({ from, to, colors, pitch = 16, color = colors.ink }: Props) {
  const [x1, y1] = from;
  const [x2, y2] = to;
  const length = Math.hypot(x2 - x1, y2 - y1);
  const links = Math.max(1, Math.round(length / pitch));
  const at = (n: number) => [x1 + ((x2 - x1) * n) / links, y1 + ((y2 - y1) * n) / links] as const;
  return (
    <G>
      {Array.from({ length: links }, (_, n) => {
        const [ax, ay] = at(n);
        const [bx, by] = at(n + 1);
        return (
          <Line
            key={n}
            x1={ax}
            y1={ay}
            x2={bx}
            y2={by}
            stroke={color}
            strokeWidth={n % 2 === 0 ? 9 : 5}
            strokeLinecap="round"
            opacity={n % 2 === 0 ? 0.85 : 1}
          />
        );
      })}
      {Array.from({ length: links + 1 }, (_, n) => {
        const [x, y] = at(n);
        return <Circle key={n} cx={x} cy={y} r={2.4} fill={colors.cloth} />;
      })}
    </G>
  );
}
