import { readFileSync } from 'node:fs';
import path from 'node:path';

const FIXTURES = path.join(__dirname, '../core/logbook/__fixtures__');

/** Versions whose parts lay in storage without a head of their own, each with a frozen fixture. */
export const OLD_VERSIONS = [1, 2, 3, 4, 5, 6];

/** Every version with a frozen fixture. */
export const FROZEN_VERSIONS = [...OLD_VERSIONS, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17];

/** A frozen fixture as an app of its version had it in storage. */
export function storedAs(version: number): Record<string, string> {
  const file = path.join(FIXTURES, `logbook.v${version}.json`);
  const raw = JSON.parse(readFileSync(file, 'utf8')) as {
    garage: unknown;
    settings: unknown;
    events: { at: string }[];
  };
  const months: Record<string, unknown[]> = {};
  for (const event of raw.events) (months[`log/${event.at.slice(0, 7)}`] ??= []).push(event);
  return {
    meta: JSON.stringify({ version, lastWrite: '' }),
    garage: JSON.stringify(raw.garage),
    settings: JSON.stringify(raw.settings),
    ...Object.fromEntries(Object.entries(months).map(([k, v]) => [k, JSON.stringify(v)])),
  };
}
