import { useState } from 'react';
import { Pressable, StyleSheet } from 'react-native';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

/** The first thing Tab reaches: past the places, to the page. Seen only while it has focus. */
export function SkipLink() {
  const colors = useColors();
  const [seen, setSeen] = useState(false);
  const skip = () => {
    const main = document.getElementById('main');
    if (!main) return;
    main.tabIndex = -1;
    main.focus();
  };
  return (
    <Pressable
      role="link"
      {...({ href: '#main' } as object)}
      onFocus={() => setSeen(true)}
      onBlur={() => setSeen(false)}
      onPress={(event) => {
        event.preventDefault();
        skip();
      }}
      style={[styles.link, { backgroundColor: colors.strong }, seen ? null : styles.away]}
    >
      <Txt variant="strong" tone="onStrong">
        Skip to the page
      </Txt>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  link: {
    position: 'absolute',
    top: 4,
    left: 4,
    zIndex: 10,
    minHeight: 44,
    paddingHorizontal: 16,
    justifyContent: 'center',
    borderRadius: 10,
  },
  away: { top: -100 },
});
