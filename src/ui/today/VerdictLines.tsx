import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { ChainReport } from '@/core/care/verdict/report';
import {
  alsoSentence,
  basisSentence,
  heardSentence,
  settingSentence,
  spreadSentence,
  toldSentence,
  verdictWords,
  wetSentence,
  type LikelyDays,
} from '@/core/words/verdict';
import type { Units } from '@/core/units/convert';
import { Txt } from '../theme/Txt';

interface Props {
  report: ChainReport;
  units: Units;
  days: LikelyDays;
  /** What is planned, below. */
  children: ReactNode;
}

/**
 * The verdict: how far the lube lasts and how far until it wants wiping, each with its spread; what else matters; and
 * in small type what it rests on. What is planned stands below it.
 */
export function VerdictLines({ report, units, days, children }: Props) {
  const { verdict, state, typical } = report;
  const words = verdictWords(report, units, days);
  const small = [
    verdict.lube.km || verdict.dirt.km ? basisSentence(typical.rides) : null,
    toldSentence(report.told, units),
    alsoSentence(verdict),
    wetSentence(verdict, state),
    heardSentence(verdict),
    settingSentence(verdict, units.clock),
  ].filter((line) => line !== null);
  return (
    <View style={styles.lines} role="region" aria-label="Verdict">
      <View role="heading" aria-level={1} aria-live="polite" style={styles.answers}>
        {words.notToRide ? <Answer text={words.notToRide} due /> : null}
        <Answer text={words.lube} due={verdict.lube.km === null} />
        <Answer text={words.dirt} due={verdict.dirt.km === null} />
        {words.matters ? <Answer text={words.matters} due={verdict.kind !== 'good for'} /> : null}
      </View>
      <View style={styles.small}>
        {[verdict.lube, verdict.dirt].map((outlook, n) => {
          const spread = spreadSentence(outlook, state.lube, units);
          return spread ? (
            <Txt key={n} variant="small" tone="inkSoft">
              {spread}
            </Txt>
          ) : null;
        })}
        {small.map((line) => (
          <Txt key={line} variant="small" tone="inkSoft">
            {line}
          </Txt>
        ))}
      </View>
      {children}
    </View>
  );
}

/** One answer, as large as the other; red where it is due. */
const Answer = ({ text, due }: { text: string; due: boolean }) => (
  <Txt variant="verdict" tone={due ? 'danger' : 'ink'}>
    {text.replace(/(\d) (km|mi)\b/, '$1\u00a0$2')}
  </Txt>
);

const styles = StyleSheet.create({
  lines: { gap: 8 },
  answers: { gap: 4 },
  small: { gap: 2 },
});
