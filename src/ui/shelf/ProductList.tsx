import { StyleSheet, View } from 'react-native';
import type { ShelfRow } from '@/core/shelf/rows';
import { Button } from '../form/Button';
import { LinkBox } from '../frame/LinkBox';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { formatAmount, kindText } from '@/core/words/shelf';

interface Props {
  rows: readonly ShelfRow[];
  openId: string | null;
  /** With `new` to put another product on the shelf. */
  onAdd: () => void;
}

/** What stands on the shelf, and what is left of it. */
export function ProductList({ rows, openId, onAdd }: Props) {
  const colors = useColors();
  return (
    <View style={styles.list}>
      <Txt variant="heading" level={2}>
        On your shelf
      </Txt>
      {rows.length === 0 ? (
        <Txt variant="small" tone="inkSoft">
          Nothing yet. Put your bottles here: what is left, what a coat costs, and the choice among
          what you have come from them.
        </Txt>
      ) : null}
      {rows.map((row) => {
        const here = row.product.id === openId;
        return (
          <LinkBox
            key={row.product.id}
            href={`/shelf/product/${row.product.id}`}
            current={here}
            style={[
              styles.row,
              {
                backgroundColor: here ? colors.tape : colors.cloth,
                borderColor: row.low ? colors.danger : colors.line,
              },
            ]}
          >
            <Txt variant="strong" tone={here ? 'onTape' : 'ink'}>
              {row.product.name}
            </Txt>
            <Txt variant="small" tone={here ? 'onTape' : row.low ? 'danger' : 'inkSoft'}>
              {kindText(row.product)} · {leftText(row)}
            </Txt>
          </LinkBox>
        );
      })}
      <Button label="Add a product" onPress={onAdd} />
    </View>
  );
}

/** "Enough for about 6 coats": what is left, in what a rider can use. */
function leftText({ product, stock, coats, low }: ShelfRow): string {
  if (stock.left < 0) return 'more was used than it held: count it again';
  const left = `${formatAmount(stock.left, product.kind)} left`;
  const enough = coats === null ? left : `${left}, enough for about ${coats} coats`;
  return low ? `${enough}; running low` : enough;
}

const styles = StyleSheet.create({
  list: { gap: 8 },
  row: {
    minHeight: 60,
    borderWidth: 1,
    borderRadius: 12,
    paddingHorizontal: 14,
    paddingVertical: 8,
    justifyContent: 'center',
  },
});
