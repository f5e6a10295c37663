import type { RideLogged } from '@/core/records/event';
import { keepText, readersOf } from './heldText';

type Lists = readonly [RideLogged['path'], RideLogged['gears'] | null];

const READERS = new Map(readersOf(['path', 'gears'], (text) => JSON.parse(text) as Lists));

/**
 * The same ride with its path and its gears in a text, read when they are asked for: each point of a path is a list of its own, and
 * twenty years of riding have a hundred thousand. It says the same in the same order.
 */
export function heldRide(event: RideLogged): RideLogged {
  if (!event.path && !event.gears) return event;
  const lists: Lists = [event.path, event.gears ?? null];
  const held = {};
  keepText(held, JSON.stringify(lists));
  for (const [name, value] of Object.entries(event)) {
    const reader = READERS.get(name) ?? { value, enumerable: true, writable: true };
    Object.defineProperty(held, name, reader);
  }
  return held as RideLogged;
}
