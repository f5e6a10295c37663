import { Text, View } from 'react-native';

/** The least an Expo Router app of this stack can be: the yardstick of the bench. */
export default function Bare() {
  return (
    <View>
      <Text>Ready</Text>
    </View>
  );
}
