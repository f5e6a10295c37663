import { memo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { readNumber } from '@/core/entry/number';
import { CAPS, ROUTINES } from '@/core/records/kinds';
import type { PlanSettings } from '@/core/records/plan';
import { shortWeekday, weekFrom } from '@/core/time/dates';
import { Choice } from '../form/Choice';
import { Field } from '../form/Field';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { useWritten } from '../useSay';

interface Props {
  plan: PlanSettings;
  onChange: (label: string, part: Partial<PlanSettings>) => void;
}

const CAP_LABEL = {
  none: { label: 'When due', hint: 'The model says when; no calendar.' },
  weekly: { label: 'Weekly', hint: 'Who rides a lot cleans weekly.' },
  fortnightly: { label: 'Fortnightly', hint: 'A middle way.' },
  monthly: { label: 'Monthly', hint: 'The easy-going round.' },
} as const;

const ROUTINE_LABEL = {
  weekly: { label: 'Every week', hint: 'Lubed on a fixed weekday, cleaned every fourth time.' },
  fortnightly: { label: 'Every other week', hint: 'Lubed, and every other time cleaned.' },
  monthly: { label: 'Monthly', hint: 'Cleaned and lubed every fourth week, nothing between.' },
  squeak: { label: 'When it squeaks', hint: 'Lubed on the evening after it is heard.' },
} as const;

const WEIGHED = [
  { key: 'hourPrice', label: 'An hour of your time', hint: 'At 0 only goods and wear count.' },
  { key: 'chainPrice', label: 'A chain', hint: '' },
  {
    key: 'cassettePrice',
    label: 'The cassette’s share',
    hint: 'What one chain’s life wears off it.',
  },
  {
    key: 'wattPrice',
    label: '100 watt hours lost',
    hint: 'At 0 speed counts for nothing; in a race twenty times.',
  },
] as const;

/** What the plan weighs, the calendar that caps it, and what it is compared with. */
export const WeighCard = memo(function WeighCard({ plan, onChange }: Props) {
  const { weekStart } = useWritten();
  return (
    <Card title="What counts">
      <Choice
        label="Longest time between two cleans"
        options={CAPS.map((value) => ({ value, ...CAP_LABEL[value] }))}
        value={plan.cap}
        onChange={(cap) => onChange('Calendar cap changed', { cap })}
      />
      <Choice
        label="Your routine, to compare with"
        options={ROUTINES.map((value) => ({ value, ...ROUTINE_LABEL[value] }))}
        value={plan.routine.name}
        onChange={(name) => onChange('Routine changed', { routine: { ...plan.routine, name } })}
      />
      {plan.routine.name === 'squeak' ? null : (
        <Choice
          label="On"
          options={weekFrom(weekStart).map((value) => ({ value, label: shortWeekday(value) }))}
          value={plan.routine.weekday}
          onChange={(weekday) =>
            onChange('Routine changed', { routine: { ...plan.routine, weekday } })
          }
        />
      )}
      <Txt variant="small" tone="inkSoft">
        In your money, whatever it is called:
      </Txt>
      <View style={styles.prices}>
        {WEIGHED.map(({ key, label, hint }) => (
          <Price
            key={key}
            label={label}
            hint={hint}
            value={plan[key]}
            onChange={(value) => onChange(`${label}: ${value}`, { [key]: value })}
          />
        ))}
      </View>
    </Card>
  );
});

interface PriceProps {
  label: string;
  hint: string;
  value: number;
  onChange: (value: number) => void;
}

const MOST = 10_000;

/** A price, taken over as soon as it is a number that can be. */
function Price({ label, hint, value, onChange }: PriceProps) {
  const [text, setText] = useState(String(value));
  const read = readNumber(text);
  const problem = !read.ok
    ? read.problem
    : read.value < 0 || read.value > MOST
      ? { code: 'amount/impossible' as const, low: 0, high: MOST }
      : undefined;
  return (
    <Field
      half
      numeric
      label={label}
      hint={hint}
      value={text}
      problem={problem}
      onChange={(next) => {
        setText(next);
        const number = readNumber(next);
        if (number.ok && number.value >= 0 && number.value <= MOST && number.value !== value)
          onChange(number.value);
      }}
    />
  );
}

const styles = StyleSheet.create({
  prices: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
});
