import { useState } from 'react';
import { View } from 'react-native';
import { canThrow, CAUSE_FACTS } from '@/core/faults/causes/causes';
import type { Cause, FaultState } from '@/core/records/faults';
import type { Finding } from '@/core/faults/writing';
import type { Repeat } from '@/core/faults/history';
import type { Units } from '@/core/units/convert';
import { CAN_THROW, CAUSE_WORDS } from '@/core/words/faults/causes';
import { repeatText } from '@/core/words/faults/found';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { Txt } from '../theme/Txt';
import { Hatched } from '../work/Hatched';
import { CauseDrawing } from './drawings/CauseDrawing';
import { PlaceFields } from './PlaceFields';
import { usePlace } from './usePlace';

interface Props {
  cause: Cause;
  /** It was found on this bike before. */
  repeat: Repeat | null;
  /** Links of the chain. */
  links: number;
  units: Units;
  onFound: (finding: Pick<Finding, 'cause' | 'place' | 'state'>) => void;
  /** The search ends without a line in the log. */
  onEnd: () => void;
}

/** What was found, what mends it, and how it goes into the log. */
export function FoundCard({ cause, repeat, links, units, onFound, onEnd }: Props) {
  const { name, what, mend } = CAUSE_WORDS[cause];
  const { workshop } = CAUSE_FACTS[cause];
  const [state, setState] = useState<FaultState>(workshop ? 'workshop' : 'put right');
  const { fields, take } = usePlace(cause, links);
  return (
    <View style={{ gap: 10 }}>
      <Txt variant="title" level={2} live="polite">
        {name}
      </Txt>
      <Txt>{what}</Txt>
      <CauseDrawing cause={cause} />
      <Txt>{mend}</Txt>
      {repeat ? <Txt>{repeatText(repeat, units)}</Txt> : null}
      {canThrow(cause) ? (
        <Hatched>
          <Txt variant="small">{CAN_THROW}</Txt>
        </Hatched>
      ) : null}
      {workshop ? (
        <Txt>Say there: {name.toLowerCase()}, and what you heard and did so far.</Txt>
      ) : null}
      <Choice label="Is it put right?" options={STATES} value={state} onChange={setState} />
      {fields ? <PlaceFields {...fields} /> : null}
      <Button
        kind="strong"
        label="Save to log"
        onPress={() => take((place) => onFound({ cause, place, state }))}
      />
      <Button kind="quiet" label="End without saving" onPress={onEnd} />
    </View>
  );
}

const STATES = [
  {
    value: 'put right' as const,
    label: 'It is put right',
    hint: 'After your next ride you are asked once whether the noise is gone.',
  },
  { value: 'to do' as const, label: 'Still to do', hint: 'It stays on Today until it is done.' },
  {
    value: 'workshop' as const,
    label: 'For a workshop',
    hint: 'It stays on Today until it is done.',
  },
];
