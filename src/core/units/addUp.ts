/**
 * Amounts rounded to a step so that they add up as printed: their total is rounded, and the steps that rounding lost or
 * won go to the amounts it wronged most. Nothing is never made something.
 */
export function addUp(
  amounts: readonly number[],
  step: number,
): { amounts: number[]; total: number } {
  const exact = amounts.map((amount) => amount / step);
  const total = Math.round(exact.reduce((sum, x) => sum + x, 0));
  const whole = exact.map((x) => Math.round(x));
  let missing = total - whole.reduce((sum, x) => sum + x, 0);
  while (missing !== 0) {
    const by = Math.sign(missing);
    const wronged = exact.map((x, n) => by * (x - (whole[n] as number)));
    const most = wronged.indexOf(Math.max(...wronged));
    whole[most] = (whole[most] as number) + by;
    missing -= by;
  }
  return { amounts: whole.map((x) => x * step + 0), total: total * step + 0 };
}
