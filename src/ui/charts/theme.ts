import type { Colors } from '../theme/colors';

/** The charts' package in our own cloth: no ground of its own, our lines, our face for numbers. */
export const chartTheme = (colors: Colors) => ({
  background: 'transparent',
  plotBackground: 'transparent',
  grid: colors.line,
  axis: colors.lineStrong,
  text: colors.inkSoft,
  mutedText: colors.inkSoft,
  typography: { fontFamily: 'Red Hat Mono', axisLabelSize: 12 },
});
