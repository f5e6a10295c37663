import { useState, type ReactNode } from 'react';
import { View, type StyleProp, type ViewStyle } from 'react-native';

interface Props {
  /** What it shows, for those who cannot see it. */
  said: string;
  style: StyleProp<ViewStyle>;
  /** Draws it so wide, px. */
  children: (width: number) => ReactNode;
}

/** A drawing as wide as its room. */
export function Drawing({ said, style, children }: Props) {
  const [width, setWidth] = useState(0);
  return (
    <View
      role="img"
      aria-label={said}
      style={style}
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
    >
      {width > 0 ? <View aria-hidden>{children(width)}</View> : null}
    </View>
  );
}
