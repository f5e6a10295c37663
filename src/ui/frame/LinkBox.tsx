import type { ReactNode } from 'react';
import { View, type StyleProp, type ViewStyle } from 'react-native';
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
  const onClick = (event: MouseEvent) => {
    const { ctrlKey, metaKey, shiftKey, altKey } = event;
    if (ctrlKey || metaKey || shiftKey || altKey) return;
    event.preventDefault();
    go(href);
  };
  // React Native for the web makes an anchor of it, which the browser itself presses; its types do not know.
  const anchor = { href, onClick, onMouseEnter: onNear, onTouchStart: onNear, onFocus: onNear };
  return (
    <View
      role="link"
      aria-label={name}
      aria-current={current ? 'page' : undefined}
      {...(anchor as object)}
      style={style}
    >
      {children}
    </View>
  );
}
