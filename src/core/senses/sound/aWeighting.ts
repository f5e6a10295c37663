/** Corner frequencies of A-weighting, Hz. Source: IEC 61672-1:2013, Annex E. */
const [F1, F2, F3, F4] = [20.598997, 107.65265, 737.86223, 12194.217];
/** Makes 1 kHz come out at 0 dB. Source: the same. */
const AT_1K = 2.0;

/** Returns what A-weighting adds to a level at a frequency (Hz), dB: some of how the ear hears it. Source: IEC 61672-1. */
export function aWeight(frequency: number): number {
  const f = frequency ** 2;
  const gain =
    (F4 ** 2 * f ** 2) / ((f + F1 ** 2) * Math.sqrt((f + F2 ** 2) * (f + F3 ** 2)) * (f + F4 ** 2));
  return 20 * Math.log10(gain) + AT_1K;
}
