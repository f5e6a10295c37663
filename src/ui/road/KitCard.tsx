import { View } from 'react-native';
import { kitFor, type GoingOut } from '@/core/bench/kit';
import { kitLines, WHEN_TO_CARRY } from '@/core/words/road';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

/** What to carry for the bikes of the garage. */
export function KitCard({ bikes }: { bikes: readonly GoingOut[] }) {
  return (
    <Card title="What to carry">
      <Txt>{WHEN_TO_CARRY}</Txt>
      <View role="list">
        {kitLines(kitFor(bikes)).map((line) => (
          <View key={line} role="listitem">
            <Txt>{`· ${line}`}</Txt>
          </View>
        ))}
      </View>
      <Txt variant="small" tone="inkSoft">
        A spare link of another width does not close, or lets go.
      </Txt>
    </Card>
  );
}
