import type { ComponentType } from 'react';
import type { Drawing } from '@/core/bench/steps';
import { useColors } from '../../theme/ThemeContext';
import { ArrowDrawing } from './ArrowDrawing';
import { DrawingFrame } from './DrawingFrame';
import type { LyingProps } from './Drivetrain';
import { DropDrawing } from './DropDrawing';
import { FlossDrawing } from './FlossDrawing';
import { RagDrawing } from './RagDrawing';
import { RoutingDrawing } from './RoutingDrawing';
import { ShoelaceDrawing } from './ShoelaceDrawing';
import { SqueezeDrawing } from './SqueezeDrawing';
import { TeethDrawing } from './TeethDrawing';
import { WayRoundDrawing } from './WayRoundDrawing';
import { UnloadDrawing } from './UnloadDrawing';

const SAID: Record<Drawing, string> = {
  drop: 'Drawing: the bottle’s tip over the inside of the chain; enlarged, a drop on a roller, and the four places where metal rubs: pin, both shoulders, roller.',
  routing:
    'Drawing: on the left, right: the chain runs straight between the jockey wheels, inside the tab. On the right, wrong: it runs outside the tab and rubs on it.',
  arrow: 'Drawing: the link on the run that pulls, its arrow pointing forward, to the chainring.',
  unload:
    'Drawing: a string hooked into the chain on both sides of the link, which hangs slack between.',
  rag: 'Drawing: the rag is held round the chain, well before the cassette; the cranks turn backwards.',
  squeeze: 'Drawing: the chain cut across, a towel pressed on it from all four sides.',
  floss:
    'Drawing: the cogs from behind; a rag’s edge is drawn to and fro between two of them, a pipe cleaner where it is narrow.',
  shoelace: 'Drawing: a shoelace is drawn to and fro between the ring and one of its arms.',
  'way round':
    'Drawing: the chain from the drive side, its arrow pointing forward on the run that pulls, from cogs to ring, and backward on the other run.',
  teeth:
    'Drawing: on the left, good teeth: even, with round valleys and blunt tips. On the right, worn teeth: thin, pointed and hooked to one side.',
};

/** What each is drawn by. */
const DRAWN: Record<Drawing, ComponentType<DrawnProps>> = {
  drop: DropDrawing,
  routing: RoutingDrawing,
  arrow: ArrowDrawing,
  unload: UnloadDrawing,
  rag: RagDrawing,
  squeeze: SqueezeDrawing,
  floss: FlossDrawing,
  shoelace: ShoelaceDrawing,
  teeth: TeethDrawing,
  'way round': WayRoundDrawing,
};

interface DrawnProps extends LyingProps {
  turning: boolean;
}

interface Props {
  drawing: Drawing;
  hasDerailleur: boolean;
  /** The cranks turn while the rag is held. */
  turning: boolean;
  upsideDown: boolean;
}

/** A drawing for this bike, where words fail. */
export function StepDrawing({ drawing, hasDerailleur, turning, upsideDown }: Props) {
  const colors = useColors();
  const Drawn = DRAWN[drawing];
  return (
    <DrawingFrame said={SAID[drawing]}>
      <Drawn {...{ colors, hasDerailleur, turning, upsideDown }} />
    </DrawingFrame>
  );
}
