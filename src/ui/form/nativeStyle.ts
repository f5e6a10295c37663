import type { CSSProperties } from 'react';
import type { Colors } from '../theme/colors';

/** How the browser's own controls look among ours: pickers of a day, lists of many. */
export const nativeStyle = (
  colors: Colors,
  textScale: number,
  { face, border }: { face: string; border: string },
): CSSProperties => ({
  font: `500 ${16 * textScale}px '${face}'`,
  minHeight: 48,
  boxSizing: 'border-box',
  width: '100%',
  minWidth: 0,
  padding: '0 12px',
  borderRadius: 10,
  border: `1px solid ${border}`,
  color: colors.ink,
  background: colors.field,
});
