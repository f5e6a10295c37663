import { writeBackup } from '@/core/formats/backup';
import { addEvents } from '@/core/logbook/chunks';
import { ISLAND_GARAGE } from '@/core/demo/island';
import { DEFAULT_SETTINGS } from '@/core/settings/defaults';
import { fittedBody, rideBody, stamped, workBody, type Body } from './events';

/** The racer of the island with one chain, and two bottles on the shelf. */
const BIKE = 'demo-bike-racer';
const CHAIN = 'demo-chain-racer-a';
const BOTTLES = [
  { productId: 'demo-wet', lubeClass: 'wet', km: 400 },
  { productId: 'demo-dry', lubeClass: 'dry', km: 150 },
] as const;
const DAY = 86_400_000;

/** A backup of a rider who used two bottles by turns, five coats of each up to the squeak, the last of them yesterday. */
export function twoLubes(now: number): string {
  const rounds = 10;
  const start = now - (rounds * 4 + 2) * DAY;
  const at = (day: number, hour: number) =>
    new Date(start + day * DAY + hour * 3_600_000).toISOString();
  const bodies: Body[] = [
    { ...fittedBody(at(0, 0), { lube: null }), chainId: CHAIN, bikeId: BIKE } as Body,
  ];
  for (let n = 0; n < rounds; n++) {
    const { productId, lubeClass, km } = BOTTLES[n % 2]!;
    const day = 1 + 4 * n;
    const lube = { lubeClass, coat: 1, wiped: true } as const;
    const used = [{ productId, amount: 4.4 }];
    bodies.push(workBody(at(day, 8), CHAIN, { method: 'brush', lube, used }));
    bodies.push(rideBody(at(day + 1, 8), BIKE, km * 0.85));
    bodies.push(rideBody(at(day + 2, 8), BIKE, km * 0.15));
    bodies.push({ type: 'soundHeard', at: at(day + 2, 20), chainId: CHAIN, sound: 'squeak' });
  }
  const { bikes, chains, products } = ISLAND_GARAGE;
  const garage = {
    ...ISLAND_GARAGE,
    bikes: { [BIKE]: bikes[BIKE]! },
    chains: { [CHAIN]: chains[CHAIN]! },
    products,
    parts: {},
  };
  const log = addEvents({}, stamped(bodies));
  return writeBackup({ garage, settings: DEFAULT_SETTINGS, log }, new Date(now).toISOString());
}
