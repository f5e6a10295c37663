import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { beatAt } from '@/core/senses/sound/beat';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  /** When what counts begins, ms of the page. */
  from: number;
  /** Turns a minute; null: the rider taps. */
  perMinute: number | null;
}

const BY_BEAT = {
  lead: 'Start turning, one turn to each beat.',
  on: 'Recording. Keep to the beat.',
};
const BY_TAPS = {
  lead: 'Start turning evenly.',
  on: 'Recording. Tap each time the same pedal is at the bottom.',
};

/** How often the beat is drawn, ms. */
const EVERY = 40;

/** A beat to turn by, without a sound of its own: a disc that fills at each turn, and its number. */
export function Beat({ from, perMinute }: Props) {
  const colors = useColors();
  const [now, setNow] = useState(() => performance.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(performance.now()), EVERY);
    return () => clearInterval(timer);
  }, []);
  const { lead, turn, full, seconds } = beatAt((now - from) / 1000, perMinute);
  return (
    <View style={styles.row}>
      <View
        style={[
          styles.disc,
          { borderColor: colors.ink, backgroundColor: full ? colors.tape : colors.cloth },
        ]}
        aria-hidden
      >
        <Txt variant="verdict" tone={full ? 'onTape' : 'ink'}>
          {turn === null ? `${seconds}` : `${turn}`}
        </Txt>
      </View>
      <Txt style={styles.text}>
        {(perMinute === null ? BY_TAPS : BY_BEAT)[lead ? 'lead' : 'on']}
      </Txt>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: 14 },
  disc: {
    width: 92,
    height: 92,
    borderRadius: 46,
    borderWidth: 3,
    alignItems: 'center',
    justifyContent: 'center',
  },
  text: { flex: 1 },
});
