import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { FieldProblems } from '@/core/entry/form';
import { checkFit, readStart, type StartDraft, type StartField } from '@/core/entry/fitting';
import type { Chain, Garage } from '@/core/records/garage';
import type { ChainStart } from '@/core/records/event';
import type { Fitting } from '@/core/logbook/fittings';
import type { Problem } from '@/core/problem';
import type { Units } from '@/core/units/convert';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { Field, FieldProblem } from '../form/Field';
import { MomentField } from '../form/MomentField';
import { NEW_START, StartFields } from './StartFields';

interface Props {
  bikeId: string;
  chains: readonly Chain[];
  /** Chains the log knows already: they go on as they were. */
  known: ReadonlySet<string>;
  garage: Garage;
  fittings: readonly Fitting[];
  units: Units;
  now: number;
  /** What there is to say before a chain is fitted. */
  noteOn: (chainId: string) => ReactNode;
  onFit: (fit: { chainId: string; at: string; start: ChainStart | null }) => void;
}

/** Putting a chain on a bike: which, when, and how it is if the log does not know it yet. */
export function FitForm(props: Props) {
  const { bikeId, chains, known, garage, fittings, units, now, noteOn, onFit } = props;
  const [chainId, setChainId] = useState(chains[0]?.id ?? '');
  const [at, setAt] = useState<string | null>(new Date(now).toISOString());
  const [draft, setDraft] = useState<StartDraft>({ ...NEW_START, look: 'clean' });
  const [problems, setProblems] = useState<FieldProblems<StartField>>({});
  const [fitProblem, setFitProblem] = useState<Problem | undefined>();
  const isKnown = known.has(chainId);
  const fit = () => {
    const when = checkFit({ chainId, bikeId, at }, { garage, fittings, now });
    const start = isKnown ? null : readStart(draft, units);
    setFitProblem(when.ok ? undefined : when.problem);
    setProblems(start && !start.ok ? start.problems : {});
    if (when.ok && (start === null || start.ok))
      onFit({ chainId, at: when.value, start: start ? start.value : null });
  };
  return (
    <View style={styles.form}>
      <View style={styles.tight}>
        <Choice
          label="Chain"
          options={chains.map((c) => ({ value: c.id, label: c.name }))}
          value={chainId}
          onChange={setChainId}
        />
        {fitProblem?.code.startsWith('chain/') ? <FieldProblem problem={fitProblem} /> : null}
      </View>
      <MomentField
        label="Fitted"
        value={at}
        onChange={setAt}
        problem={fitProblem?.code.startsWith('date/') ? fitProblem : undefined}
      />
      {isKnown ? null : (
        <>
          <StartFields
            draft={draft}
            onChange={(part) => setDraft((d) => ({ ...d, ...part }))}
            problems={problems}
            units={units}
          />
          <Field
            label="Wear read when fitting"
            value={draft.wearPercent}
            onChange={(wearPercent) => setDraft((d) => ({ ...d, wearPercent }))}
            problem={problems.wearPercent}
            unit="%"
            hint="Some new chains already read high. Empty: not measured."
            numeric
          />
        </>
      )}
      {noteOn(chainId)}
      <Button kind="strong" label="Fit this chain" onPress={fit} />
    </View>
  );
}

const styles = StyleSheet.create({
  form: { gap: 18 },
  tight: { gap: 6 },
});
