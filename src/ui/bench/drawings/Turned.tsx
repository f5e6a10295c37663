import { G } from 'react-native-svg';
import type { ReactNode } from 'react';
import { Label } from './Label';
import { DRAWING } from './size';

interface Props {
  upsideDown: boolean;
  /** Words beside it, which stay upright where the bike does not. */
  labels: readonly { x: number; y: number; says: string }[];
  ink: string;
  children: ReactNode;
}

/** A bike as it lies to the rider: upright, or upside down with its chain towards them. */
export const Turned = ({ upsideDown, labels, ink, children }: Props) => (
  <G>
    <G {...(upsideDown ? { rotation: 180, originX: MIDDLE.x, originY: MIDDLE.y } : {})}>
      {children}
    </G>
    {labels.map(({ x, y, says }) => (
      <Label
        key={says}
        x={upsideDown ? DRAWING.width - x : x}
        y={upsideDown ? DRAWING.height - y + CAP_HEIGHT : y}
        color={ink}
      >
        {says}
      </Label>
    ))}
  </G>
);

const MIDDLE = { x: DRAWING.width / 2, y: DRAWING.height / 2 } as const;
/** Letters stand on their point, so that those turned over hang this much lower. */
const CAP_HEIGHT = 9;
