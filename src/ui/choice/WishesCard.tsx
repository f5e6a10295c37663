import { CLEANING_HABITS, WISHES } from '@/core/records/wishes';
import type { Settings } from '@/core/records/settings';
import { Choice, Toggles } from '../form/Choice';
import { Slider } from '../form/Slider';
import { Card } from '../frame/Card';
import { HABIT_LABEL, WEIGHT_WORD, WISH_LABEL } from '@/core/words/choice';

interface Props {
  choice: Settings['choice'];
  onChange: (part: Partial<Settings['choice']>) => void;
}

const MINUTES = [null, 5, 15, 30, 60] as const;
const LEAD = [null, 0.5, 2, 10] as const;

/** What matters to the rider, and what they have: wishes, habit, time, tools. */
export function WishesCard({ choice, onChange }: Props) {
  const { wishes } = choice;
  return (
    <Card title="What matters to you">
      {WISHES.map((wish) => (
        <Slider
          key={wish}
          label={WISH_LABEL[wish]}
          value={wishes[wish]}
          min={0}
          max={3}
          step={1}
          text={WEIGHT_WORD[wishes[wish]] ?? ''}
          onChange={(weight) => onChange({ wishes: { ...wishes, [wish]: weight } })}
        />
      ))}
      <Choice
        label="You clean"
        options={CLEANING_HABITS.map((value) => ({ value, label: HABIT_LABEL[value] }))}
        value={choice.habit}
        onChange={(habit) => onChange({ habit })}
      />
      <Choice
        label="Minutes a week for it"
        options={MINUTES.map((value) => ({
          value,
          label: value === null ? 'As it takes' : `${value} min`,
        }))}
        value={choice.minutesPerWeek}
        onChange={(minutesPerWeek) => onChange({ minutesPerWeek })}
      />
      <Choice
        label="From lubing to the ride"
        options={LEAD.map((value) => ({
          value,
          label: value === null ? 'As it takes' : value === 10 ? 'A night, 10 h' : `${value} h`,
        }))}
        value={choice.leadHours}
        onChange={(leadHours) => onChange({ leadHours })}
      />
      <Toggles
        label="You have"
        options={[
          {
            label: 'A thermostat pot for wax',
            on: choice.pot,
            onChange: (pot) => onChange({ pot }),
          },
        ]}
      />
    </Card>
  );
}
