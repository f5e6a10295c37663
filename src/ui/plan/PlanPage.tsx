import { useMemo, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Bike, Chain } from '@/core/records/garage';
import { swapsAhead } from '@/core/plan/agenda/swaps';
import type { RideAhead } from '@/core/plan/rides/occurrences';
import type { PlanAnswer } from '@/core/words/planAnswer';
import { WHAT_IFS, type WhatIf } from '@/core/plan/agenda/request';
import type { PlanSettings } from '@/core/records/plan';
import type { Problem } from '@/core/problem';
import type { Units } from '@/core/units/convert';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { Card } from '../frame/Card';
import { Columns } from '../frame/Columns';
import { Page } from '../frame/Page';
import { WhenNear } from '../frame/WhenNear';
import { Txt } from '../theme/Txt';
import { Against } from './Against';
import type { Played } from '../wear/useWear';
import { AgendaList } from './AgendaList';
import type { JobActions } from './JobCard';
import { MinutesCard } from './MinutesCard';
import { OutCard, type OutActions } from './OutCard';
import { WeighCard } from './WeighCard';
import { useSay } from '../useSay';

interface Props {
  answer: PlanAnswer | null;
  /** How far a new plan is: it changes often, and the rest is not drawn anew for it. */
  making: ReactNode;
  rides: readonly RideAhead[];
  /** Whose turn the next coat of each bike is in a trial. */
  turns: Readonly<Record<string, string>>;
  /** That a rag is to be read for one before any work. */
  rags: Readonly<Record<string, string>>;
  /** What of the slower rounds is due along with the jobs of each bike, and what is overdue. */
  rounds: { along: Readonly<Record<string, string>>; overdue: readonly string[] };
  onRounds: () => void;
  problem: Problem | null;
  bikes: readonly Bike[];
  chains: Readonly<Record<string, Chain>>;
  played: Played;
  plan: PlanSettings;
  units: Units;
  actions: JobActions;
  out: OutActions;
  whatIf: WhatIf;
  onWhatIf: (whatIf: WhatIf) => void;
  onRides: () => void;
  onPlan: (label: string, part: Partial<PlanSettings>) => void;
}

/** The plan: the agenda first, then what it is worth, when there is time, and how to take it along. */
export function PlanPage(props: Props) {
  const { answer, plan, units } = props;
  const agenda = answer ? <Agenda {...props} answer={answer} /> : null;
  const beside = answer ? (
    <>
      <WhenNear tall={700}>
        <Against answer={answer} units={units} />
      </WhenNear>
      <WhenNear tall={810}>
        <MinutesCard plan={plan} days={answer.days} onChange={props.onPlan} />
      </WhenNear>
      <WhenNear tall={840}>
        <WeighCard plan={plan} onChange={props.onPlan} />
      </WhenNear>
      <WhenNear tall={380}>
        <OutCard answer={answer} plan={plan} actions={props.out} onChange={props.onPlan} />
      </WhenNear>
    </>
  ) : null;
  return (
    <Page wide title="The plan" aside={<Button label="Planned rides" onPress={props.onRides} />}>
      <View style={styles.progress}>{props.making}</View>
      <Columns share={1.25} left={agenda} right={beside} />
    </Page>
  );
}

/** The weather it is for, what is in the way, and the jobs by day. */
function Agenda(props: Props & { answer: PlanAnswer }) {
  const say = useSay();
  const { answer, rides, problem, bikes, chains, played, units } = props;
  const swaps = useMemo(() => {
    const around = { days: answer.days, rides, jobs: answer.agenda };
    return swapsAhead(played.replay, bikes, chains, around);
  }, [played, bikes, chains, answer, rides]);
  const bikeNames = useMemo(() => Object.fromEntries(bikes.map((b) => [b.id, b.name])), [bikes]);
  return (
    <>
      <Choice
        label="The weather ahead"
        options={WHAT_IFS.map((value) => ({ value, ...WHAT_IF_LABEL[value] }))}
        value={props.whatIf}
        onChange={props.onWhatIf}
      />
      {answer.notes.map((note, n) => (
        <Txt key={n} variant="small" tone={note.name === 'no minutes' ? 'danger' : 'inkSoft'}>
          {note.text}
        </Txt>
      ))}
      {problem ? (
        <Txt variant="small" tone="inkSoft">
          {say(problem, 'The weather service')}
        </Txt>
      ) : null}
      {answer.marks ? <Txt variant="small">{answer.marks}</Txt> : null}
      {answer.agenda.length + swaps.length + answer.mornings.length === 0 ? (
        <Card>
          <Txt>
            {rides.length === 0
              ? 'No rides to come are known. Plan one, or log a few weeks and your habit shows.'
              : 'Nothing to do in these weeks: no job is worth its minutes.'}
          </Txt>
        </Card>
      ) : null}
      {props.rounds.overdue.length > 0 ? (
        <Card title="Beside the chain">
          {props.rounds.overdue.map((line) => (
            <Txt key={line}>{line}</Txt>
          ))}
          <Button label="Slower rounds" onPress={props.onRounds} />
        </Card>
      ) : null}
      <AgendaList
        along={props.rounds.along}
        turns={props.turns}
        rags={props.rags}
        mornings={answer.mornings}
        agenda={answer.agenda}
        days={answer.days}
        rides={rides}
        bikeNames={bikeNames}
        units={units}
        actions={props.actions}
        swaps={swaps}
      />
    </>
  );
}

const WHAT_IF_LABEL = {
  forecast: { label: 'Forecast' },
  dry: { label: 'What if dry?' },
  storm: { label: 'What if a storm?', hint: 'Four days of driving rain from the third day on.' },
} as const;

const styles = StyleSheet.create({
  progress: { minHeight: 48, justifyContent: 'center' },
});
