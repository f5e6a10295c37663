import type { ReactNode } from 'react';
import { View } from 'react-native';
import { useSwipeable } from 'react-swipeable';
import { tick } from '../bench/device';

interface Props {
  /** What a swipe to either side does. Each must also be a button: a swipe is only quicker. */
  onLeft: () => void;
  onRight: () => void;
  children: ReactNode;
}

/** So far a finger must go sideways, px: less is a slip while scrolling. */
const FAR = 80;

/** Something that can be swiped by a finger. */
export function Swipe({ onLeft, onRight, children }: Props) {
  const swiped = (act: () => void) => () => {
    tick();
    act();
  };
  const { ref } = useSwipeable({
    onSwipedLeft: swiped(onLeft),
    onSwipedRight: swiped(onRight),
    delta: FAR,
  });
  return <View ref={(view) => ref(view as unknown as HTMLElement | null)}>{children}</View>;
}
