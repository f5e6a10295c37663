import { View } from 'react-native';
import Svg, { Path, Rect } from 'react-native-svg';
import type { Code } from '@/work/carry';

/** Squares of white around a code. Source: ISO/IEC 18004, quiet zone. */
const QUIET = 4;

/** A code as a camera reads it: black on white in either scheme, as large as there is room. */
export function CodePicture({ code, label }: { code: Code; label: string }) {
  const side = code.size + 2 * QUIET;
  return (
    <View role="img" aria-label={label} style={{ width: '100%', maxWidth: 520, aspectRatio: 1 }}>
      <Svg width="100%" height="100%" viewBox={`0 0 ${side} ${side}`}>
        <Rect width={side} height={side} fill="#ffffff" />
        <Path d={rowsOf(code)} fill="#000000" />
      </Svg>
    </View>
  );
}

/** Dark squares, each run of a row as one stroke. */
function rowsOf({ size, dark }: Code): string {
  let path = '';
  for (let row = 0; row < size; row++)
    for (let from = 0; from < size; from++) {
      if (!dark[row * size + from]) continue;
      let to = from;
      while (to < size && dark[row * size + to]) to++;
      path += `M${from + QUIET} ${row + QUIET}h${to - from}v1h${from - to}z`;
      from = to;
    }
  return path;
}
