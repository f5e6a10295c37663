import { Link, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable, type StyleProp, type ViewStyle } from 'react-native';

interface Props {
  href: string;
  /** The place shown now. */
  current?: boolean;
  label?: string;
  style?: StyleProp<ViewStyle>;
  children: ReactNode;
}

/** A real link of the page: Enter, a middle click and a long press do what they do on any other. */
export const LinkBox = ({ href, current = false, label, style, children }: Props) => (
  <Link href={href as Href} asChild>
    <Pressable aria-current={current ? 'page' : undefined} aria-label={label} style={style}>
      {children}
    </Pressable>
  </Link>
);
