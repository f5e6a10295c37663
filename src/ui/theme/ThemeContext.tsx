import { createContext, useContext, useEffect, useMemo, type ReactNode } from 'react';
import { useColorScheme } from 'react-native';
import type { ThemeChoice } from '@/core/records/kinds';
import { DARK, LIGHT, type Colors } from './colors';

interface Theme {
  colors: Colors;
  dark: boolean;
  /** The browser's text size against its usual 16 px. */
  textScale: number;
  /** Text grows no larger than a long word of it has room across the screen, px; what is written larger stays as it is. */
  largestPx: number;
}

const ThemeContext = createContext<Theme>({
  colors: LIGHT,
  dark: false,
  textScale: 1,
  largestPx: Infinity,
});

interface Props {
  choice: ThemeChoice;
  children: ReactNode;
}

/** Provides colours by the rider's choice or the system's, and the text size the browser asks for. */
export function ThemeProvider({ choice, children }: Props) {
  const system = useColorScheme();
  const dark = choice === 'system' ? system === 'dark' : choice === 'dark';
  const theme = useMemo(
    () => ({
      colors: dark ? DARK : LIGHT,
      dark,
      textScale: rootTextScale(),
      largestPx: window.innerWidth * WORD_SHARE,
    }),
    [dark],
  );
  useEffect(() => {
    document.body.style.backgroundColor = theme.colors.chalk;
    document.documentElement.style.colorScheme = dark ? 'dark' : 'light';
  }, [theme, dark]);
  return <ThemeContext.Provider value={theme}>{children}</ThemeContext.Provider>;
}

export const useTheme = (): Theme => useContext(ThemeContext);
export const useColors = (): Colors => useTheme().colors;

/** A word of twelve letters, each about half as wide as high, across a screen. */
const WORD_SHARE = 0.15;

function rootTextScale(): number {
  const size = parseFloat(getComputedStyle(document.documentElement).fontSize);
  return Number.isFinite(size) && size > 0 ? size / 16 : 1;
}
