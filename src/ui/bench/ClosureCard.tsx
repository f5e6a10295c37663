import { CLOSURE_CLUES, CLOSURE_OPTIONS } from '@/core/words/closures';
import type { Chain } from '@/core/records/garage';
import { Choice } from '../form/Choice';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

interface Props {
  onClosure: (closure: Chain['closure']) => void;
}

/** Asked where the work depends on it and nobody has said: what closes the chain, and how to tell. */
export function ClosureCard({ onClosure }: Props) {
  return (
    <Card title="What closes this chain?">
      {CLOSURE_CLUES.map((clue, n) => (
        <Txt key={clue} variant="small">{`${n + 1}. ${clue}`}</Txt>
      ))}
      <Choice
        label="Closed by"
        options={[...CLOSURE_OPTIONS]}
        value="not known"
        onChange={onClosure}
      />
    </Card>
  );
}
