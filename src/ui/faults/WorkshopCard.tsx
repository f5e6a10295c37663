import { View } from 'react-native';
import type { Cause } from '@/core/records/faults';
import type { Search } from '@/core/faults/finder';
import { CAUSE_WORDS } from '@/core/words/faults/causes';
import { workshopLines } from '@/core/words/faults/workshop';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';

interface Props {
  causes: readonly Cause[];
  search: Search;
  onEnd: () => void;
}

/** Everything was looked at: what a workshop should be told. */
export function WorkshopCard({ causes, search, onEnd }: Props) {
  return (
    <View style={{ gap: 10 }}>
      <Txt variant="title" level={2} live="polite">
        Time for a workshop
      </Txt>
      <Txt>
        You have looked at all you can at home, and the noise is still there. Likeliest now:{' '}
        {causes.map((c) => CAUSE_WORDS[c].name.toLowerCase()).join('; ')}.
      </Txt>
      <Txt variant="label">Say there</Txt>
      {workshopLines(search).map((line) => (
        <Txt key={line}>{line}</Txt>
      ))}
      <Button kind="strong" label="Done" onPress={onEnd} />
    </View>
  );
}
