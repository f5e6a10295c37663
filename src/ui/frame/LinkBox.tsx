import type { ReactNode } from 'react';
import { View, type StyleProp, type ViewStyle } from 'react-native';
import { useGo } from './useGo';

interface Props {
  href: string;
  /** For screen readers, where nothing in it is words. */
  name?: string;
  /** The place shown now. */
  current?: boolean;
  /** Loads its page when the mouse or a finger comes over it, not only when pressed: not for rows, which are scrolled by. */
  early?: boolean;
  style?: StyleProp<ViewStyle>;
  children: ReactNode;
}

/**
 * A real link of the page: Enter, a middle click and a long press do what they do on any other. A plain click stays in
 * the app, and goes where a button would go.
 */
export function LinkBox({ href, name, current = false, early = false, style, children }: Props) {
  const { near, go } = useGo();
  const onNear = () => near(href);
  const onClick = (event: MouseEvent) => {
    const { ctrlKey, metaKey, shiftKey, altKey } = event;
    if (ctrlKey || metaKey || shiftKey || altKey) return;
    event.preventDefault();
    go(href);
  };
  // React Native for the web makes an anchor of it, which the browser itself presses; its types do not know.
  const anchor = { href, onClick, onMouseDown: onNear, onFocus: onNear };
  const over = early ? { onMouseEnter: onNear, onTouchStart: onNear } : null;
  return (
    <View
      role="link"
      aria-label={name}
      aria-current={current ? 'page' : undefined}
      {...({ ...anchor, ...over } as object)}
      style={style}
    >
      {children}
    </View>
  );
}
