import { useState } from 'react';
import { View } from 'react-native';
import type { Purchase } from '@/core/bench/purchase';
import { GRADES, SUBSTITUTES } from '@/core/bench/substitutes';
import { readNumber } from '@/core/entry/number';
import { GRADE_LABEL, priceSentence, purchaseSentence, substituteLine } from '@/core/words/tools';
import { Button } from '../form/Button';
import { Field } from '../form/Field';
import { Txt } from '../theme/Txt';

interface Props {
  /** The one tool that would save most; worked out when it is asked for. */
  purchase: () => Purchase | null;
}

/** What serves in place of a tool and what never does; and which one tool would save most time. */
export function ToolsHelp({ purchase }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <View style={{ gap: 8 }}>
      <Button
        label={open ? 'Hide what serves instead' : 'What serves instead, and what to buy'}
        expanded={open}
        onPress={() => setOpen(!open)}
      />
      {open ? (
        <>
          <ToBuy purchase={purchase} />
          {GRADES.map((grade) => (
            <View key={grade} style={{ gap: 4 }}>
              <Txt variant="strong">{GRADE_LABEL[grade]}</Txt>
              {SUBSTITUTES.filter((s) => s.grade === grade).map((s) => (
                <Txt key={s.use} variant="small">
                  {substituteLine(s)}
                </Txt>
              ))}
            </View>
          ))}
        </>
      ) : null}
    </View>
  );
}

function ToBuy({ purchase }: Props) {
  // Worked out once: it does not change while this is open.
  const [best] = useState(purchase);
  const [price, setPrice] = useState('');
  if (!best) return null;
  const paid = readNumber(price);
  return (
    <>
      <Txt>{purchaseSentence(best)}</Txt>
      <Field label="Its price, if you know it" value={price} onChange={setPrice} numeric half />
      <Txt variant="small">{priceSentence(best, paid.ok ? paid.value : null)}</Txt>
    </>
  );
}
