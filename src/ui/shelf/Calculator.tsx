import type { ReactNode } from 'react';
import type { LubeClass } from '@/core/lube/classes';
import type { ProductKind } from '@/core/records/kinds';
import type { ShelfRow } from '@/core/shelf/rows';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

interface Props {
  title: string;
  /** The formula in words and signs. */
  formula: string;
  children: ReactNode;
}

/** Where the result of a calculator may come off the shelf, and taking it. */
export interface FromStock {
  rowsOf: (kind: ProductKind, lubeClass?: LubeClass | null) => readonly ShelfRow[];
  onTake: (row: ShelfRow, amount: number) => void;
}

/** One piece of arithmetic: what goes in, what comes out, and how. */
export function Calculator({ title, formula, children }: Props) {
  return (
    <Card title={title}>
      {children}
      <Txt variant="small" tone="inkSoft">
        {formula}
      </Txt>
    </Card>
  );
}

/** What comes out, large. */
export function Outcome({ children }: { children: ReactNode }) {
  return (
    <Txt variant="lead" live="polite">
      {children}
    </Txt>
  );
}
