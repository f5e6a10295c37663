import { StyleSheet, View } from 'react-native';
import type { CautionName } from '@/core/bench/cautions';
import type { Mark, Timer } from '@/core/bench/run';
import type { BenchStep, CheckKind } from '@/core/bench/steps';
import { leaveOpenLabel } from '@/core/words/leftOpen';
import { Button } from '../form/Button';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';
import { Swatches } from '../senses/Swatches';
import { BigButton } from './BigButton';
import { leftText } from './Timers';

export type BenchPanel = 'trouble' | 'skip' | 'leave' | 'photo' | null;

interface Props {
  /** Null: all steps are behind. */
  step: BenchStep | null;
  open: readonly CautionName[];
  waits: Timer | null;
  /** The check was answered No before. */
  mayLeaveOpen: boolean;
  now: number;
  panel: BenchPanel;
  canGoBack: boolean;
  onAcknowledge: () => void;
  onMark: (part: Partial<Mark>) => void;
  onBack: () => void;
  onRead: () => void;
  onPanel: (panel: BenchPanel) => void;
  onLeave: () => void;
  onFinish: () => void;
  /** To where a noise is traced to its cause. */
  onNoise: () => void;
}

const WHY_SKIP = ['No time', 'Clean already', 'Not at hand', 'I do it otherwise'] as const;

/** The lower third: one button a knuckle can hit, and small ones for what is seldom. */
export function BenchFoot(props: Props) {
  const { step, open, panel, onPanel } = props;
  const colors = useColors();
  return (
    <View style={[styles.foot, { borderColor: colors.line, backgroundColor: colors.cloth }]}>
      <View style={styles.column}>
        {panel === 'leave' ? (
          <Leaving onStay={() => onPanel(null)} onLeave={props.onLeave} />
        ) : panel === 'skip' && step ? (
          <Skipping
            onWhy={(why) => props.onMark({ kind: 'skipped', why })}
            onStay={() => onPanel(null)}
          />
        ) : (
          <Main {...props} />
        )}
        <View style={styles.small}>
          <Button kind="quiet" label="Back" disabled={!props.canGoBack} onPress={props.onBack} />
          {step ? (
            <>
              <Button kind="quiet" label="Read aloud" onPress={props.onRead} />
              {step.closing || open.length > 0 ? null : (
                <Button kind="quiet" label="Skip" onPress={() => onPanel('skip')} />
              )}
              <Button kind="quiet" label="Trouble" onPress={() => onPanel('trouble')} />
            </>
          ) : null}
        </View>
      </View>
    </View>
  );
}

/** A check that fails by what is heard or felt turning. */
const mayBeHeard = (kind: CheckKind): boolean => kind === 'listen' || kind === 'spin';

function Main(props: Props) {
  const { step, open, waits, now, mayLeaveOpen, onAcknowledge, onMark } = props;
  const { onFinish, onNoise, onPanel } = props;
  if (!step)
    return (
      <Row>
        <BigButton label="Save to log" onPress={onFinish} />
      </Row>
    );
  if (open.length > 0)
    return (
      <Row>
        <BigButton label="Understood" onPress={onAcknowledge} />
      </Row>
    );
  if (waits)
    return (
      <>
        <Row>
          <BigButton
            label={`${waits.label}: ${leftText(waits.endsAt - now)}`}
            disabled
            onPress={() => undefined}
          />
        </Row>
        <Button kind="quiet" label="Go on without waiting" onPress={() => onMark({})} />
      </>
    );
  if (step.check?.kind === 'rag')
    return <RagFoot ask={step.check.ask} onMark={onMark} onPhoto={() => onPanel('photo')} />;
  if (step.check)
    return (
      <>
        {step.check.ask === step.what ? null : <Txt variant="strong">{step.check.ask}</Txt>}
        <Row>
          <BigButton label="No" kind="no" onPress={() => onMark({ kind: 'failed' })} />
          <BigButton label="Yes" onPress={() => onMark({})} />
        </Row>
        {mayLeaveOpen && mayBeHeard(step.check.kind) ? (
          <Button label="Find where it comes from" onPress={onNoise} />
        ) : null}
        {mayLeaveOpen ? (
          <Button label={leaveOpenLabel(step)} onPress={() => onMark({ kind: 'left open' })} />
        ) : null}
      </>
    );
  return (
    <Row>
      <BigButton label="Done" onPress={() => onMark({})} />
    </Row>
  );
}

interface RagFootProps {
  ask: string;
  onMark: Props['onMark'];
  onPhoto: () => void;
}

/** A check by the rag: swatches, or the camera. */
const RagFoot = ({ ask, onMark, onPhoto }: RagFootProps) => (
  <>
    <Txt variant="strong">{ask}</Txt>
    <Swatches onPick={(swatch) => onMark({ kind: 'swatch', swatch })} />
    <Button kind="quiet" label="Photograph it instead" onPress={onPhoto} />
  </>
);

const Row = ({ children }: { children: React.ReactNode }) => (
  <View style={styles.row}>{children}</View>
);

function Skipping({ onWhy, onStay }: { onWhy: (why: string) => void; onStay: () => void }) {
  return (
    <View style={styles.choices}>
      <Txt variant="strong">Why is it left out?</Txt>
      {WHY_SKIP.map((why) => (
        <Button key={why} label={why} onPress={() => onWhy(why)} />
      ))}
      <Button kind="quiet" label="Do it after all" onPress={onStay} />
    </View>
  );
}

function Leaving({ onStay, onLeave }: { onStay: () => void; onLeave: () => void }) {
  return (
    <View style={styles.choices}>
      <Txt variant="strong" tone="danger" live="assertive">
        Something is hot. Is the pot switched off and unplugged? Hot wax is never left alone.
      </Txt>
      <Button kind="strong" label="Stay at the bench" onPress={onStay} />
      <Button kind="danger" label="It is off: leave" onPress={onLeave} />
    </View>
  );
}

const styles = StyleSheet.create({
  foot: { borderTopWidth: 1, padding: 12, alignItems: 'center' },
  column: { width: '100%', maxWidth: 680, gap: 8 },
  row: { flexDirection: 'row', gap: 12 },
  small: { flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'space-between' },
  choices: { gap: 8 },
});
