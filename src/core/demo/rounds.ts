import { ROUNDS, type Round } from '../records/rounds';
import { ROUND_RULES } from '../rounds/table';
import { COMMUTER, GRAVEL, ISLAND_GARAGE, RACER } from './island';
import type { DemoWriter } from './writer';

/** Days ago of the evening on which every bike was gone over. */
const LAST_EVENING = 4;
/** What was passed over that evening, and when it was done before. */
const PASSED_OVER: readonly (readonly [bikeId: string, round: Round, daysAgo: number])[] = [
  [COMMUTER, 'brake pads', 63],
  [RACER, 'tyres', 16],
];

/** The slower rounds of the island: done together of an evening, but for two that are due now. */
export function writeRounds(book: DemoWriter): void {
  for (const bikeId of [COMMUTER, GRAVEL, RACER])
    for (const round of ROUNDS) {
      const bike = ISLAND_GARAGE.bikes[bikeId];
      if (!bike || !ROUND_RULES[round].has(bike)) continue;
      const passed = PASSED_OVER.find(([of, what]) => of === bikeId && what === round);
      const end = round === 'bolts' ? 'put right' : 'fine';
      book.write(passed?.[2] ?? LAST_EVENING, 20, { type: 'roundDone', bikeId, round, end });
    }
}
