import { useState } from 'react';
import { View } from 'react-native';
import type { ShelfRow } from '@/core/shelf/rows';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { formatAmount } from '@/core/words/shelf';

interface Props {
  /** What it may come from; nothing is shown where there is nothing. */
  rows: readonly ShelfRow[];
  amount: number;
  onTake: (row: ShelfRow, amount: number) => void;
}

/** Hands the result of a calculator to the stock: so much is taken off a product of the shelf. */
export function TakeOff({ rows, amount, onTake }: Props) {
  const [picked, setPicked] = useState<string | null>(null);
  const row = rows.find((r) => r.product.id === picked) ?? rows[0];
  if (!row || amount <= 0) return null;
  const { name, kind } = row.product;
  return (
    <View style={{ gap: 8 }}>
      {rows.length > 1 ? (
        <Choice
          label="Off the shelf"
          options={rows.map(({ product }) => ({ value: product.id, label: product.name }))}
          value={row.product.id}
          onChange={setPicked}
        />
      ) : null}
      <Button
        label={`Take ${formatAmount(amount, kind)} off ${name}`}
        onPress={() => onTake(row, amount)}
      />
    </View>
  );
}
