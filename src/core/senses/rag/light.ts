/** Light that a camera wrote as sRGB, made linear again. Source: IEC 61966-2-1. */

/** Returns the linear light, 0 to 1, of an sRGB value from 0 to 255. */
export function linearOf(value: number): number {
  const v = value / 255;
  return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
}

/** The same for every byte, worked out once: a picture has millions. */
export const LINEAR: Float32Array = Float32Array.from({ length: 256 }, (_, v) => linearOf(v));

/** Shares of red, green and blue in luminance Y. Source: IEC 61966-2-1 (the primaries of ITU-R BT.709). */
const LUMINANCE = [0.2126, 0.7152, 0.0722] as const;

/** Returns the luminance of linear red, green and blue. */
export const luminanceOf = (r: number, g: number, b: number): number =>
  LUMINANCE[0] * r + LUMINANCE[1] * g + LUMINANCE[2] * b;
