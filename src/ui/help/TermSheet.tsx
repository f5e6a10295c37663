import { TERMS, type Term, type TermName } from '@/core/help/terms';
import { Sheet } from '../frame/Sheet';
import { Txt } from '../theme/Txt';
import { TermDrawing } from './TermDrawing';

/** What a word of the trade means, over the page it was asked on. */
export function TermSheet({ term, onClose }: { term: TermName; onClose: () => void }) {
  const { word, says, drawing }: Term = TERMS[term];
  return (
    <Sheet title={word} onClose={onClose}>
      <Txt>{says}</Txt>
      {drawing ? <TermDrawing drawing={drawing} /> : null}
    </Sheet>
  );
}
