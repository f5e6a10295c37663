import { StyleSheet, View } from 'react-native';
import { Button } from '../form/Button';

interface Props {
  /** The working is shown. */
  working: boolean;
  onNow: () => void;
  onWorking: () => void;
  onPlan: () => void;
}

/** The ways on from a verdict: to the bench, to what it rests on, to the plan. */
export function WhatToDo({ working, onNow, onWorking, onPlan }: Props) {
  return (
    <View style={styles.buttons}>
      <Button kind="strong" label="Do it now" onPress={onNow} grow />
      <Button
        label={working ? 'Hide working' : 'Show working'}
        expanded={working}
        onPress={onWorking}
        grow
      />
      <Button label="The plan" onPress={onPlan} grow />
    </View>
  );
}

const styles = StyleSheet.create({
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
});
