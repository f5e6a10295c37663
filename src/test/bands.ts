/**
 * Expects a band that is told for half of all cases to hold 42 to 58 % of them, and one for eight tenths 72 to 88 %: what
 * some 300 riders can tell apart.
 */
export function expectBandsToHold(half: number, most: number): void {
  expect(half).toBeGreaterThan(0.42);
  expect(half).toBeLessThan(0.58);
  expect(most).toBeGreaterThan(0.72);
  expect(most).toBeLessThan(0.88);
}
