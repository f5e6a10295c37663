import type { ReactNode } from 'react';
import { View } from 'react-native';

interface Props {
  /** About its height on a phone, px: so much room it takes until it is laid out. */
  tall: number;
  children: ReactNode;
}

/**
 * What lies below the edge of the screen when its page opens: the browser lays it out and paints it when it comes near. It is
 * there for the keyboard, for finding and for screen readers all the same.
 */
export function WhenNear({ tall, children }: Props) {
  const style = { contentVisibility: 'auto', containIntrinsicHeight: `auto ${tall}px` };
  return <View style={style as object}>{children}</View>;
}
