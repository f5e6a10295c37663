import { useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { OnePage } from '@/core/rides/onePage';
import { pageSentences, pageText } from '@/core/words/onePage';
import type { ShownIn } from '@/core/words/years';
import { downloadBlob } from '../download';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { PAGE } from './pageShapes';
import { pictureOf } from './savePicture';
import { YearPage } from './YearPage';

interface Props {
  page: OnePage;
  shown: ShownIn;
  perUnit: number;
}

/** Paper has the page alone. */
const NOT_PRINTED = { dataSet: { frame: '' } } as object;
const FOR_PAPER = { dataSet: { paper: '' } } as object;

/** The page, with the ways to keep it: on paper, or as a picture. */
export function YearView({ page, shown, perUnit }: Props) {
  const colors = useColors();
  const [width, setWidth] = useState(0);
  const [failed, setFailed] = useState(false);
  const drawn = useRef<View>(null);
  const save = async () => {
    const holder = drawn.current as unknown as HTMLElement | null;
    const drawing = holder?.querySelector('svg');
    const picture = drawing ? await pictureOf(drawing).catch(() => null) : null;
    setFailed(picture === null);
    if (picture) downloadBlob('my-year.png', picture);
  };
  return (
    <>
      <View style={styles.row} {...NOT_PRINTED}>
        <Button kind="strong" label="Save as a picture" onPress={() => void save()} />
        <Button label="Print it" onPress={() => window.print()} />
      </View>
      {failed ? (
        <Txt tone="danger" live="polite">
          This browser could not draw the picture. Print the page instead.
        </Txt>
      ) : null}
      <View style={styles.words} {...NOT_PRINTED}>
        {pageSentences(page, shown, perUnit).map((sentence) => (
          <Txt key={sentence}>{sentence}</Txt>
        ))}
      </View>
      <View
        ref={drawn}
        {...FOR_PAPER}
        role="img"
        aria-label={pageText(page, shown, perUnit)}
        style={[styles.page, { borderColor: colors.line }]}
        onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      >
        {width > 0 ? (
          <View aria-hidden>
            <YearPage page={page} shown={shown} perUnit={perUnit} width={width} />
          </View>
        ) : null}
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  words: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  page: { borderWidth: 1, aspectRatio: PAGE.width / PAGE.height, overflow: 'hidden' },
});
