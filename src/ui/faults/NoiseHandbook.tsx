import { useState } from 'react';
import { canThrow } from '@/core/faults/causes/causes';
import { causesFor, entryOf } from '@/core/faults/handbook';
import { NOISES, type Cause, type Noise } from '@/core/records/faults';
import { CAN_THROW, CAUSE_WORDS } from '@/core/words/faults/causes';
import { handbookLines, NOISE_LABEL } from '@/core/words/faults/handbook';
import { Choice } from '../form/Choice';
import { Card } from '../frame/Card';
import { TermText } from '../help/TermText';
import { Txt } from '../theme/Txt';
import { Hatched } from '../work/Hatched';
import { CauseDrawing } from './drawings/CauseDrawing';

const KINDS = [
  { value: null, label: 'All' },
  ...NOISES.map((noise) => ({ value: noise, label: NOISE_LABEL[noise] })),
];

/** Causes of noises to browse by kind: what they are, how they are known, what mends them. */
export function NoiseHandbook() {
  const [noise, setNoise] = useState<Noise | null>(null);
  return (
    <>
      <Choice<Noise | null>
        label="What is it like?"
        options={KINDS}
        value={noise}
        onChange={setNoise}
      />
      {causesFor(noise).map((cause) => (
        <Entry key={cause} cause={cause} />
      ))}
    </>
  );
}

function Entry({ cause }: { cause: Cause }) {
  const { name, what, mend } = CAUSE_WORDS[cause];
  return (
    <Card title={name}>
      <TermText text={what} />
      <CauseDrawing cause={cause} />
      <TermText text={mend} />
      {canThrow(cause) ? (
        <Hatched>
          <Txt variant="small">{CAN_THROW}</Txt>
        </Hatched>
      ) : null}
      {handbookLines(entryOf(cause)).map((line) => (
        <Txt key={line} variant="small" tone="inkSoft">
          {line}
        </Txt>
      ))}
    </Card>
  );
}
