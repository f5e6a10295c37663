import type { ReactNode } from 'react';
import {
  Pressable,
  StyleSheet,
  type GestureResponderEvent,
  type StyleProp,
  type ViewStyle,
} from 'react-native';
import { useGo } from './useGo';

interface Props {
  href: string;
  /** For screen readers, where nothing in it is words. */
  name?: string;
  /** The place shown now. */
  current?: boolean;
  style?: StyleProp<ViewStyle>;
  children: ReactNode;
}

/**
 * A real link of the page: Enter, a middle click and a long press do what they do on any other. A plain click stays in
 * the app, and goes where a button would go.
 */
export function LinkBox({ href, name, current = false, style, children }: Props) {
  const { near, go } = useGo();
  const onNear = () => near(href);
  const onPress = (event: GestureResponderEvent) => {
    const { ctrlKey, metaKey, shiftKey, altKey } = event as unknown as MouseEvent;
    if (ctrlKey || metaKey || shiftKey || altKey) return;
    event.preventDefault();
    go(href);
  };
  return (
    <Pressable
      role="link"
      aria-label={name}
      // React Native for the web makes an anchor of it; its types do not know.
      {...({ href } as object)}
      aria-current={current ? 'page' : undefined}
      onHoverIn={onNear}
      onFocus={onNear}
      onPressIn={onNear}
      onPress={onPress}
      style={({ pressed }) => [style, pressed && styles.pressed]}
    >
      {children}
    </Pressable>
  );
}

const styles = StyleSheet.create({ pressed: { opacity: 0.6 } });
