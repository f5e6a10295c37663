import { useEffect, useRef, type ReactNode } from 'react';
import { View } from 'react-native';

/** A panel that opened: brought into view, as far as it fits, so that a tap is never answered below the edge. */
export function InView({ children }: { children: ReactNode }) {
  const ref = useRef<View>(null);
  useEffect(() => {
    const element = ref.current as unknown as HTMLElement | null;
    element?.scrollIntoView({ block: 'nearest' });
  }, []);
  return <View ref={ref}>{children}</View>;
}
