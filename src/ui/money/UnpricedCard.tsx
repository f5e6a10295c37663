import { StyleSheet, View } from 'react-native';
import type { Unpriced } from '@/core/money/ledger';
import { unpricedSentences, untimedSentence } from '@/core/words/money';
import { Card } from '../frame/Card';
import { LinkBox } from '../frame/LinkBox';
import { Txt } from '../theme/Txt';

interface Props {
  unpriced: readonly Unpriced[];
  untimed: number;
}

/** What has no price or no minutes, and where prices are set. Nothing where everything has them. */
export function UnpricedCard({ unpriced, untimed }: Props) {
  const minutes = untimedSentence(untimed);
  const sentences = [...unpricedSentences(unpriced), ...(minutes ? [minutes] : [])];
  if (sentences.length === 0) return null;
  return (
    <Card title="What we do not know">
      {sentences.map((sentence) => (
        <Txt key={sentence}>{sentence}</Txt>
      ))}
      <View style={styles.row}>
        <LinkBox href="/shelf" style={styles.link}>
          <Txt variant="strong">To the shelf</Txt>
        </LinkBox>
        <LinkBox href="/book/garage" style={styles.link}>
          <Txt variant="strong">To the garage</Txt>
        </LinkBox>
        <LinkBox href="/plan" style={styles.link}>
          <Txt variant="strong">To the plan’s prices</Txt>
        </LinkBox>
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 16 },
  link: { minHeight: 44, justifyContent: 'center' },
});
