import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { YEAR_SKIES, type YearSky } from '@/core/rides/year';
import type { OnePage } from '@/core/rides/onePage';
import { dateFormat } from '@/core/intl/dates';
import { pageFigures, pageSentences, pageSpan, SKY_SAID } from '@/core/words/onePage';
import type { ShownIn } from '@/core/words/years';
import { LIGHT } from '../theme/colors';
import { linesOf, PAGE, pageShapes, type Block } from './pageShapes';

interface Props {
  page: OnePage;
  shown: ShownIn;
  perUnit: number;
  /** px; the page is drawn as high as goes with it. */
  width: number;
}

// Paper: the same by day and by night, printed or kept.
const FILL: Record<YearSky, string> = {
  dry: LIGHT.tape,
  damp: LIGHT.gritLight,
  wet: LIGHT.ink,
  guessed: LIGHT.spread,
};
const FACE = { fontFamily: 'Hanken Grotesk', fill: LIGHT.ink } as const;
const FIGURES = { fontFamily: 'Red Hat Mono', fill: LIGHT.ink } as const;
const letter = dateFormat({ month: 'narrow' });

const Filled = ({ block }: { block: Block }) => (
  <Rect
    x={block.x}
    y={block.y}
    width={block.width}
    height={block.height}
    fill={FILL[block.sky]}
    stroke={LIGHT.ink}
    strokeWidth={block.width > 0 && block.height > 0 ? 1 : 0}
  />
);

/** A year of riding and care on one page. */
export function YearPage({ page, shown, perUnit, width }: Props) {
  const shapes = pageShapes(page);
  return (
    <Svg
      width={width}
      height={(width * PAGE.height) / PAGE.width}
      viewBox={`0 0 ${PAGE.width} ${PAGE.height}`}
    >
      <Rect width={PAGE.width} height={PAGE.height} fill={LIGHT.cloth} />
      <SvgText x={PAGE.edge} y={78} fontSize={36} fontWeight="700" {...FACE}>
        Your year
      </SvgText>
      <SvgText x={PAGE.edge} y={106} fontSize={17} {...FACE}>
        {pageSpan(page)}
      </SvgText>
      <Figures page={page} shown={shown} />
      {shapes.year.map((block) => (
        <Filled key={block.key} block={block} />
      ))}
      <Keys page={page} />
      {shapes.months.map(({ x, start, blocks }) => (
        <G key={start}>
          {blocks.map((block) => (
            <Filled key={block.key} block={block} />
          ))}
          <SvgText x={x} y={shapes.floor + 22} fontSize={15} textAnchor="middle" {...FACE}>
            {letter.format(start)}
          </SvgText>
        </G>
      ))}
      <Line
        x1={PAGE.edge}
        x2={PAGE.width - PAGE.edge}
        y1={shapes.floor}
        y2={shapes.floor}
        stroke={LIGHT.ink}
      />
      <Sentences page={page} shown={shown} perUnit={perUnit} top={shapes.floor + 78} />
    </Svg>
  );
}

/** Six figures in two rows. */
function Figures({ page, shown }: Pick<Props, 'page' | 'shown'>) {
  const step = (PAGE.width - 2 * PAGE.edge) / 3;
  return pageFigures(page, shown).map(({ figure, of }, n) => {
    const x = PAGE.edge + (n % 3) * step;
    const y = 160 + Math.floor(n / 3) * 60;
    return (
      <G key={of}>
        <SvgText x={x} y={y} fontSize={26} fontWeight="600" {...FIGURES}>
          {figure}
        </SvgText>
        <SvgText x={x} y={y + 21} fontSize={15} {...FACE}>
          {of}
        </SvgText>
      </G>
    );
  });
}

/** What the fills stand for. */
function Keys({ page }: Pick<Props, 'page'>) {
  const skies = YEAR_SKIES.filter((sky) => page.bySky[sky] > 0);
  return skies.map((sky, n) => (
    <G key={sky}>
      <Rect
        x={PAGE.edge + n * 130}
        y={306}
        width={14}
        height={14}
        fill={FILL[sky]}
        stroke={LIGHT.ink}
      />
      <SvgText x={PAGE.edge + n * 130 + 22} y={318} fontSize={15} {...FACE}>
        {`${SKY_SAID[sky]} ${Math.round((100 * page.bySky[sky]) / page.km)} %`}
      </SvgText>
    </G>
  ));
}

const LETTERS = 72;

function Sentences({ page, shown, perUnit, top }: Omit<Props, 'width'> & { top: number }) {
  const lines = pageSentences(page, shown, perUnit).flatMap((sentence) =>
    linesOf(sentence, LETTERS).map((text, n) => ({ text, first: n === 0 })),
  );
  let y = top - 26;
  return lines.map(({ text, first }) => {
    y += first ? 32 : 24;
    return (
      <SvgText key={text} x={PAGE.edge} y={y} fontSize={18} {...FACE}>
        {text}
      </SvgText>
    );
  });
}
