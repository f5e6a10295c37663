import type { CautionName } from '@/core/bench/cautions';
import { sayCaution } from '@/core/words/cautions';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { Hatched } from './Hatched';

interface Props {
  names: readonly CautionName[];
  title?: string;
  /** Asked to be acknowledged before going on. */
  onAcknowledge?: () => void;
}

/** What may hurt in this work, by the names of its cautions. */
export function CautionCard({ names, title = 'Before you start', onAcknowledge }: Props) {
  if (names.length === 0) return null;
  return (
    <Hatched>
      <Txt variant="heading" level={2}>
        {title}
      </Txt>
      {names.map((name) => (
        <Txt key={name} variant="small">
          {sayCaution(name)}
        </Txt>
      ))}
      {onAcknowledge ? <Button label="Understood" onPress={onAcknowledge} /> : null}
    </Hatched>
  );
}
