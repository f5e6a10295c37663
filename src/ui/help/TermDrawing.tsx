import type { ComponentType } from 'react';
import type { Term } from '@/core/help/terms';
import { DROP_SAID, PARTS_SAID, RAG_SAID, WAY_SAID } from '@/core/words/termDrawings';
import { DRAWING_SAID } from '@/core/words/faults/drawings';
import { DropDrawing } from '../bench/drawings/DropDrawing';
import { DrawingFrame } from '../bench/drawings/DrawingFrame';
import { RagDrawing } from '../bench/drawings/RagDrawing';
import { WayRoundDrawing } from '../bench/drawings/WayRoundDrawing';
import { HookedTeeth } from '../faults/drawings/HookedTeeth';
import { PackedRing } from '../faults/drawings/PackedRing';
import { StiffLink } from '../faults/drawings/StiffLink';
import { useColors } from '../theme/ThemeContext';
import type { Colors } from '../theme/colors';
import { ChainParts } from './ChainParts';

type Drawing = NonNullable<Term['drawing']>;

const lying = { hasDerailleur: true, upsideDown: false, turning: false };

const DRAWN: Record<Drawing, { Drawn: ComponentType<{ colors: Colors }>; said: string }> = {
  parts: { Drawn: ChainParts, said: PARTS_SAID },
  drop: { Drawn: DropDrawing, said: DROP_SAID },
  teeth: { Drawn: HookedTeeth, said: DRAWING_SAID['worn cogs'] },
  stiff: { Drawn: StiffLink, said: DRAWING_SAID['stiff link'] },
  ring: { Drawn: PackedRing, said: DRAWING_SAID['packed ring'] },
  'way round': {
    Drawn: ({ colors }) => <WayRoundDrawing colors={colors} {...lying} />,
    said: WAY_SAID,
  },
  rag: { Drawn: ({ colors }) => <RagDrawing colors={colors} {...lying} />, said: RAG_SAID },
};

/** What shows a word of the trade better than a sentence. */
export function TermDrawing({ drawing }: { drawing: Drawing }) {
  const colors = useColors();
  const { Drawn, said } = DRAWN[drawing];
  return (
    <DrawingFrame said={said}>
      <Drawn colors={colors} />
    </DrawingFrame>
  );
}
