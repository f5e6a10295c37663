import { MIGRATIONS } from './migrations';
import type { Migration } from './versions';

/** Throws when the list has a gap or a repeat: that is a mistake of ours, found at start-up. */
export function checkMigrations(
  versions: Record<string, number>,
  migrations: readonly Migration[],
): void {
  const numbers = Object.values(versions).sort((a, b) => a - b);
  numbers.forEach((n, i) => {
    if (n !== i + 1)
      throw new Error(`Logbook versions must run 1, 2, 3 …: found ${numbers.join(', ')}.`);
  });
  const expected = numbers.slice(1).join();
  const found = migrations.map((m) => m.version).join();
  if (expected !== found)
    throw new Error(
      `Migrations needed for versions ${expected || 'none'}, found ${found || 'none'}.`,
    );
}

/** Brings one part from a version, 1 to today's, to today's. Damaged data comes out as it may: validate it. */
export function migrate(
  part: 'event' | 'garage' | 'settings',
  data: unknown,
  from: number,
  migrations: readonly Migration[] = MIGRATIONS,
): unknown {
  let value = data;
  for (const migration of migrations)
    if (migration.version > from) value = migration[part]?.(value) ?? value;
  return value;
}
