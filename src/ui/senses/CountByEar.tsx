import { View } from 'react-native';
import { countOf } from '@/core/senses/sound/count';
import type { CountedGear } from '@/core/faults/rhythm';
import { NO_RHYTHM, rhythmSentence } from '@/core/words/senses';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { Listener } from './Listener';
import { SoundPicture } from './SoundPicture';

interface Props {
  gear: CountedGear;
  onTake: (count: { turns: number; events: number }) => void;
}

/** A noise counted by the phone: what comes again and again, to be taken as the count. */
export const CountByEar = ({ gear, onTake }: Props) => (
  <Listener>
    {(recording, turn) => (
      <View style={{ gap: 10 }}>
        <SoundPicture {...{ recording, turn }} quiet={null} />
        {recording.rhythms.length === 0 ? <Txt live="polite">{NO_RHYTHM}</Txt> : null}
        {recording.rhythms.map((rhythm) => (
          <View key={rhythm.perTurn} style={{ gap: 6 }}>
            <Txt live="polite">{rhythmSentence(rhythm)}</Txt>
            <Button
              label={`Take ${rhythm.perTurn.toFixed(2)} a turn as the count`}
              onPress={() => onTake(countOf(recording, rhythm, gear))}
            />
          </View>
        ))}
      </View>
    )}
  </Listener>
);
