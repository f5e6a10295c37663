import { View } from 'react-native';
import { canThrow, CAUSE_FACTS, type Cause } from '@/core/faults';
import { CAUSE_WORDS } from '@/core/words/faults/causes';
import { Button } from '../form';
import { Txt } from '../theme';
import { Hatched } from '../work/Hatched';

/** What was found, and what mends it. */
export function FoundCard({ cause, onEnd }: { cause: Cause; onEnd: () => void }) {
  const { name, what, mend } = CAUSE_WORDS[cause];
  return (
    <View style={{ gap: 10 }}>
      <Txt variant="title" level={2} live="polite">
        {name}
      </Txt>
      <Txt>{what}</Txt>
      <Txt>{mend}</Txt>
      {canThrow(cause) ? (
        <Hatched>
          <Txt variant="small">Do not ride on before it is put right: it can throw you.</Txt>
        </Hatched>
      ) : null}
      {CAUSE_FACTS[cause].workshop ? (
        <Txt>Say there: {name.toLowerCase()}, and what you heard and did so far.</Txt>
      ) : null}
      <Button kind="strong" label="Done" onPress={onEnd} />
    </View>
  );
}

/** Everything was looked at: what a workshop should be told. */
export function WorkshopCard({ causes, onEnd }: { causes: readonly Cause[]; onEnd: () => void }) {
  return (
    <View style={{ gap: 10 }}>
      <Txt variant="title" level={2} live="polite">
        Time for a workshop
      </Txt>
      <Txt>
        What can be looked at at home has been, and the noise is still there. Likeliest now:{' '}
        {causes.map((c) => CAUSE_WORDS[c].name.toLowerCase()).join('; ')}.
      </Txt>
      <Txt>
        Tell them what it sounds like, when it comes, and what you have done: it stands above.
      </Txt>
      <Button kind="strong" label="Done" onPress={onEnd} />
    </View>
  );
}
