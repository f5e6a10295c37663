import { lazy, Suspense, useState, type ComponentProps } from 'react';
import { StyleSheet } from 'react-native';
import { linkedPieces } from '@/core/help/linked';
import type { TermName } from '@/core/help/terms';
import { Txt } from '../theme/Txt';

// With the tap that asks for it.
const TermSheet = lazy(() => import('./TermSheet').then((m) => ({ default: m.TermSheet })));

/** A text whose words of the trade open what they mean, over the page: nothing is left for it. */
export function TermText({
  text,
  ...txt
}: Omit<ComponentProps<typeof Txt>, 'children' | 'onPress'> & { text: string }) {
  const [asked, setAsked] = useState<TermName | null>(null);
  const { variant = 'body', tone = 'ink' } = txt;
  return (
    <>
      <Txt {...txt}>
        {linkedPieces(text).map(({ text: words, term }, n) =>
          term ? (
            <Txt
              key={n}
              variant={variant}
              tone={tone}
              style={styles.term}
              onPress={() => setAsked(term)}
            >
              {words}
            </Txt>
          ) : (
            words
          ),
        )}
      </Txt>
      {asked ? (
        <Suspense fallback={null}>
          <TermSheet term={asked} onClose={() => setAsked(null)} />
        </Suspense>
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({
  // A finger wide and high: it reaches over the words around it, and moves none of them.
  term: {
    textDecorationLine: 'underline',
    textDecorationStyle: 'dotted',
    padding: 11,
    marginHorizontal: -11,
  },
});
