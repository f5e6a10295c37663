import type { CleanMethod } from '../../records/kinds';
import type { WorkDone } from '../../records/event';
import { MS_PER_HOUR } from '../../units/convert';
import type { ReplayStep } from './step';

const OPENED: readonly CleanMethod[] = ['baths', 'soak', 'strip'];

/**
 * Times the link of a chain has been opened, by the log: taken off, cleaned off the bike or dipped in the pot. What is done
 * to a chain that is off already opens nothing. `allowed`: how often its maker lets a link be opened (null: not known);
 * once more, and a new link went in, which has not been opened.
 */
export function openingsOf(
  steps: readonly ReplayStep[],
  chainId: string,
  allowed: number | null = null,
): number {
  let count = 0;
  let fitted = false;
  let onBike: string | null = null;
  for (const { event, chainId: of } of steps) {
    // Another chain in its place, and nobody said that it came off.
    if (event.type === 'chainFitted' && of !== chainId && fitted && event.bikeId === onBike) {
      count += 1;
      fitted = false;
    }
    if (of !== chainId) continue;
    if (event.type === 'chainFitted') {
      fitted = true;
      onBike = event.bikeId;
    }
    // A new link has not been opened yet.
    if (event.type === 'settled' && event.what === 'worn link') count = 0;
    if (!fitted) continue;
    if (event.type === 'chainRemoved') {
      count += 1;
      fitted = false;
    }
    if (event.type === 'workDone' && comesOffFor(event)) count += 1;
  }
  return allowed === null ? count : count % (allowed + 1);
}

/** A new chain is cut and stripped before it is closed for the first time. */
const comesOffFor = ({ method, lube, depth }: WorkDone): boolean =>
  depth !== 'new chain' && (OPENED.includes(method) || lube?.lubeClass === 'hot wax');

/** A bottle that has stood so long is shaken longer. Common practice: a month. */
const RESTED_MS = 30 * 24 * MS_PER_HOUR;

/** Bottles that nobody used in the last month, by the log. */
export function restedBottles(
  steps: readonly ReplayStep[],
  bottleIds: readonly string[],
  now: number,
): string[] {
  const used = new Set(
    steps.flatMap(({ event }) =>
      event.type === 'workDone' && now - Date.parse(event.at) < RESTED_MS
        ? event.used.map((u) => u.productId)
        : [],
    ),
  );
  return bottleIds.filter((id) => !used.has(id));
}
