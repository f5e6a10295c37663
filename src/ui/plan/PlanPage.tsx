import { StyleSheet, View } from 'react-native';
import { say } from '@/core/messages';
import type { Bike } from '@/core/garage';
import type { RideAhead } from '@/core/plan/occurrences';
import type { PlanAnswer } from '@/core/plan/planner';
import type { PlanSettings } from '@/core/plan/schema';
import { money, noteSentence } from '@/core/plan/sentences';
import type { Problem } from '@/core/problem';
import type { UnitSystem } from '@/core/units';
import { Button, ProgressBar } from '../form';
import { Card, Page, useWide } from '../frame';
import { Txt } from '../theme';
import { Against } from './Against';
import { AgendaList } from './AgendaList';
import type { JobActions } from './JobCard';
import { MinutesCard } from './MinutesCard';
import { OutCard, type OutActions } from './OutCard';
import { WeighCard } from './WeighCard';

interface Props {
  answer: PlanAnswer | null;
  progress: number | null;
  rides: readonly RideAhead[];
  problem: Problem | null;
  zone: string;
  bikes: readonly Bike[];
  plan: PlanSettings;
  units: UnitSystem;
  actions: JobActions;
  out: OutActions;
  onCancel: () => void;
  onRides: () => void;
  onPlan: (label: string, part: Partial<PlanSettings>) => void;
}

/** The plan: the agenda first, then what it is worth, when there is time, and how to take it along. */
export function PlanPage(props: Props) {
  const { answer, progress, rides, problem, bikes, plan, units, zone } = props;
  const wide = useWide();
  const bikeNames = Object.fromEntries(bikes.map((b) => [b.id, b.name]));
  const agenda = answer ? (
    <>
      {answer.notes.map((note, n) => (
        <Txt key={n} variant="small" tone={note.name === 'no minutes' ? 'danger' : 'inkSoft'}>
          {noteSentence(note, units)}
        </Txt>
      ))}
      {problem ? (
        <Txt variant="small" tone="inkSoft">
          {`The forecast: ${say(problem)}`}
        </Txt>
      ) : null}
      {answer.marksCost !== null ? <Txt variant="small">{marksLine(answer.marksCost)}</Txt> : null}
      {answer.agenda.length === 0 ? (
        <Card>
          <Txt>Nothing to do in these weeks: no job is worth its minutes.</Txt>
        </Card>
      ) : null}
      <AgendaList
        agenda={answer.agenda}
        days={answer.days}
        rides={rides}
        bikeNames={bikeNames}
        units={units}
        zone={zone}
        actions={props.actions}
      />
    </>
  ) : null;
  const beside = answer ? (
    <>
      <Against answer={answer} routine={plan.routine} units={units} />
      <MinutesCard plan={plan} days={answer.days} onChange={props.onPlan} />
      <WeighCard plan={plan} onChange={props.onPlan} />
      <OutCard answer={answer} plan={plan} actions={props.out} onChange={props.onPlan} />
    </>
  ) : null;
  return (
    <Page wide title="The plan" aside={<Button label="Planned rides" onPress={props.onRides} />}>
      <View style={styles.progress}>
        {progress !== null ? (
          <View style={styles.making}>
            <View style={styles.bar}>
              <ProgressBar
                share={progress}
                label={answer ? 'Re-forming the plan' : 'Making the plan'}
              />
            </View>
            <Button kind="quiet" label="Cancel" onPress={props.onCancel} />
          </View>
        ) : answer ? (
          <Txt variant="small" tone="inkSoft">
            {`The next ${answer.days.length} days${answer.forecast ? ', by the forecast where it reaches' : ''}.`}
          </Txt>
        ) : (
          <Txt>
            The plan was given up. Change anything below, or come back, and it is made anew.
          </Txt>
        )}
      </View>
      {wide ? (
        <View style={styles.columns}>
          <View style={styles.left}>{agenda}</View>
          <View style={styles.right}>{beside}</View>
        </View>
      ) : (
        <>
          {agenda}
          {beside}
        </>
      )}
    </Page>
  );
}

/** What the rider's own marks on the plan cost. */
function marksLine(cost: number): string {
  if (cost > 0.05) return `Your own changes to the plan cost ${money(cost)} over these weeks.`;
  return cost < -0.05
    ? `Your own changes save ${money(-cost)}: well seen.`
    : 'Your own changes cost next to nothing.';
}

const styles = StyleSheet.create({
  progress: { minHeight: 48, justifyContent: 'center' },
  making: { flexDirection: 'row', alignItems: 'center', gap: 12 },
  bar: { flex: 1 },
  columns: { flexDirection: 'row', gap: 28, alignItems: 'flex-start' },
  left: { flex: 1.25, gap: 14, minWidth: 0 },
  right: { flex: 1, gap: 18, minWidth: 0 },
});
