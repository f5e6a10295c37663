import { useRef, type PropsWithChildren } from 'react';
import { FormProvider, type FieldValues, type UseFormReturn } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { afterPaint } from '../afterPaint';
import { askToSave } from '../askedToSave';
import { Button } from '../form/Button';
import { FormFoot } from '../form/FormFoot';
import { Txt } from '../theme/Txt';

interface Props<Draft extends FieldValues, T> {
  form: UseFormReturn<Draft, unknown, T>;
  saveLabel: string;
  /** Resolves when what was typed was read, and handed on or refused. */
  onSave: () => Promise<void>;
  /** Throws away what was typed before and came back; null: nothing did. */
  startAfresh: (() => void) | null;
  /** The other button: takes away what the form is of. */
  remove?: { label: string; onPress: (() => void) | undefined };
}

/** A form's fields one below the other, and its buttons at the foot. */
export function EntryForm<Draft extends FieldValues, T>(props: PropsWithChildren<Props<Draft, T>>) {
  const { form, saveLabel, onSave, startAfresh, remove, children } = props;
  const pressed = useRef(false);
  const press = () => {
    // Two quick taps before the first is painted are one.
    if (pressed.current) return;
    pressed.current = true;
    askToSave.begin();
    afterPaint(() => {
      pressed.current = false;
      void onSave().finally(askToSave.end);
    });
  };
  return (
    <FormProvider {...form}>
      <View style={styles.form}>
        {startAfresh ? (
          <View style={styles.kept}>
            <Txt variant="small">What you typed before is still here.</Txt>
            <Button label="Start afresh" onPress={startAfresh} />
          </View>
        ) : null}
        {children}
        <FormFoot>
          <Button kind="strong" label={saveLabel} onPress={press} grow />
          {remove?.onPress ? (
            <Button kind="danger" label={remove.label} onPress={remove.onPress} />
          ) : null}
        </FormFoot>
      </View>
    </FormProvider>
  );
}

/** Fields that share a row where there is room. */
export const Row = ({ children }: PropsWithChildren) => <View style={styles.row}>{children}</View>;

const styles = StyleSheet.create({
  form: { gap: 18 },
  kept: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 12 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 16 },
});
