import { Text as SvgText } from 'react-native-svg';

interface Props {
  x: number;
  y: number;
  color: string;
  strong?: boolean;
  children: string;
}

/** Words within a drawing, centred on a point. */
export const Label = ({ x, y, color, strong = false, children }: Props) => (
  <SvgText
    x={x}
    y={y}
    textAnchor="middle"
    fontSize={strong ? 14 : 13}
    fontWeight={strong ? '600' : '450'}
    fontFamily="Hanken Grotesk"
    fill={color}
  >
    {children}
  </SvgText>
);
