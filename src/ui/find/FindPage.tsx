import { useDeferredValue, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { finderOf, type Findable, type Found, type FoundKind } from '@/core/find/find';
import { Button } from '../form/Button';
import { Field } from '../form/Field';
import { readKept, writeKept } from '../form/keptDraft';
import { Card } from '../frame/Card';
import { LinkBox } from '../frame/LinkBox';
import { Page } from '../frame/Page';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

/** What is typed lies in the tab, so that back brings it again. */
const KEPT = 'find';
const EMPTY = { typed: '' };

const KIND_TITLE: Record<FoundKind, string> = {
  page: 'Pages',
  bike: 'Bikes, chains and parts',
  product: 'Bottles and lubes',
  ride: 'Rides',
  entry: 'Work and notes',
  noise: 'Noises and faults',
  measure: 'Measures',
  word: 'Words of the trade',
};

/** One box that finds everything; a result opens where it belongs. */
export function FindPage({ things }: { things: readonly Findable[] }) {
  const [typed, setTyped] = useState(() => ({ ...EMPTY, ...readKept<typeof EMPTY>(KEPT) }).typed);
  const find = useMemo(() => finderOf(things), [things]);
  const asked = useDeferredValue(typed.trim());
  const [all, setAll] = useState<FoundKind | null>(null);
  const found = useMemo(
    () => (asked ? find(asked, all ? MOST : undefined) : []),
    [find, asked, all],
  );
  const change = (text: string) => {
    setTyped(text);
    setAll(null);
    writeKept(KEPT, { typed: text }, EMPTY);
  };
  return (
    <Page title="Find">
      <Field label="Look for" value={typed} onChange={change} autoFocus />
      {asked ? (
        <Txt live="polite" tone="inkSoft">
          {countLine(found)}
        </Txt>
      ) : (
        <Txt tone="inkSoft">
          Rides, work, notes, bikes, bottles, noises, pages and words. Try a day, a bike, “squeak”
          or “wax”.
        </Txt>
      )}
      {found.map(({ kind, items, count }) => (
        <Card key={kind} title={KIND_TITLE[kind]}>
          <View>
            {(all === kind ? items : items.slice(0, FEW)).map((thing) => (
              <Row key={thing.id} thing={thing} />
            ))}
          </View>
          {count > FEW && all !== kind ? (
            <Button kind="quiet" label={`Show all ${count}`} onPress={() => setAll(kind)} />
          ) : null}
        </Card>
      ))}
    </Page>
  );
}

const FEW = 6;
/** A page of more is a list nobody reads. */
const MOST = 200;

function countLine(found: readonly Found[]): string {
  const count = found.reduce((sum, group) => sum + group.count, 0);
  if (count === 0) return 'Nothing was found. Fewer letters find more.';
  return count === 1 ? '1 thing was found.' : `${count} things were found.`;
}

function Row({ thing: { title, line, href } }: { thing: Findable }) {
  const colors = useColors();
  return (
    <LinkBox href={href} style={[styles.row, { borderColor: colors.line }]}>
      <Txt variant="strong">{title}</Txt>
      <Txt variant="small" tone="inkSoft">
        {line}
      </Txt>
    </LinkBox>
  );
}

const styles = StyleSheet.create({
  row: { minHeight: 52, borderTopWidth: 1, paddingVertical: 6, justifyContent: 'center' },
});
