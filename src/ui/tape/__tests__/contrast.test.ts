import { DARK, LIGHT, type Colors } from '../../theme/colors';

/**
 * Relative luminance and contrast as WCAG 2.2 defines them (from memory; its worked values, 21 for black on white and
 * 4.54 for #767676 on white, are checked first).
 */
const part = (hex: string) => {
  const x = parseInt(hex, 16) / 255;
  return x <= 0.04045 ? x / 12.92 : ((x + 0.055) / 1.055) ** 2.4;
};
const luminance = (colour: string) => {
  const [r, g, b] = [1, 3, 5].map((at) => part(colour.slice(at, at + 2)));
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;
};
const contrast = (a: string, b: string) => {
  const [low, high] = [luminance(a), luminance(b)].sort((x, y) => x - y);
  return (high! + 0.05) / (low! + 0.05);
};
/** A colour of some opacity over another. */
const over = (colour: string, ground: string, opacity: number) =>
  `#${[1, 3, 5]
    .map((at) => {
      const [a, b] = [colour, ground].map((c) => parseInt(c.slice(at, at + 2), 16));
      return Math.round(a! * opacity + b! * (1 - opacity))
        .toString(16)
        .padStart(2, '0');
    })
    .join('')}`;

it('knows the values of the standard', () => {
  expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 9);
  expect(contrast('#767676', '#ffffff')).toBeCloseTo(4.54, 2);
});

describe.each<[string, Colors]>([
  ['light', LIGHT],
  ['dark', DARK],
])('the parts of the tape in the %s scheme', (_, colors) => {
  const paleTape = over('#fffdf8', colors.tape, 0.5);
  it.each<[string, string, string]>([
    ['film line on the page', colors.ink, colors.chalk],
    ['film line on its spread', colors.ink, colors.spread],
    ['edge of the spread on the page', colors.lineStrong, colors.chalk],
    ['edge of the dirt on the page', colors.inkSoft, colors.chalk],
    ['edge of the dirt on the dirt', colors.inkSoft, over(colors.gritLight, colors.chalk, 0.4)],
    ['limit and due marks on the page', colors.danger, colors.chalk],
    ['figures on the tape', colors.onTape, colors.tape],
    ['figures on the tape to come', colors.onTape, paleTape],
    ['rides to come', over(colors.onTape, paleTape, 0.75), paleTape],
  ])('%s stand out by 3 to 1', (_name, a, b) => {
    expect(contrast(a, b)).toBeGreaterThanOrEqual(3);
  });
});
