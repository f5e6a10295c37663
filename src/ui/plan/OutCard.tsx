import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import type { PlanAnswer } from '@/core/words/planAnswer';
import type { PlanSettings } from '@/core/records/plan';
import { Button } from '../form/Button';
import { Toggles } from '../form/Choice';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { askToNotify } from './notify';

export interface OutActions {
  onCalendar: () => void;
  onCsv: () => void;
  onPrint: () => void;
  /** Whether the browser is to tell, and whether it may. */
  onNotify: (on: boolean, allowed: boolean) => void;
}

interface Props {
  answer: PlanAnswer;
  plan: PlanSettings;
  actions: OutActions;
  onChange: (label: string, part: Partial<PlanSettings>) => void;
}

/** Taking the plan along: to a calendar, on paper, as a table; and being reminded. */
export const OutCard = memo(function OutCard({ answer, plan, actions, onChange }: Props) {
  const none = answer.agenda.length === 0;
  return (
    <Card title="Take it along">
      <View style={styles.buttons}>
        <Button label="Calendar file" disabled={none} onPress={actions.onCalendar} grow />
        <Button label="Print the weeks" disabled={none} onPress={actions.onPrint} grow />
        <Button label="Table (CSV)" disabled={none} onPress={actions.onCsv} grow />
      </View>
      <Txt variant="small" tone="inkSoft">
        Imported again after the plan has changed, the calendar file moves its entries: it never
        doubles them.
      </Txt>
      <Toggles
        label="Reminders"
        options={[
          {
            label: 'On opening, what fell due',
            on: plan.remind,
            onChange: (remind) => onChange(remind ? 'Reminders on' : 'Reminders off', { remind }),
          },
          {
            label: 'By the browser, while the app is open',
            on: plan.notify,
            onChange: (on) =>
              void (on ? askToNotify() : Promise.resolve(true)).then((allowed) =>
                actions.onNotify(on, allowed),
              ),
          },
        ]}
      />
    </Card>
  );
});

const styles = StyleSheet.create({
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
