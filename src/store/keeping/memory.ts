/** What is remembered on this device of its backups. */
export interface Memory {
  backupAt: number | null;
  entries: number;
  /** Entries at which the rider said later. */
  putOff: number;
}

/** Reads it from its stored text; what is damaged or missing is left out. */
export function readMemory(text: string | undefined): Partial<Memory> {
  try {
    const { backupAt, entries, putOff } = JSON.parse(text ?? '{}') as Record<string, unknown>;
    return {
      ...(typeof backupAt === 'number' ? { backupAt } : {}),
      ...(typeof entries === 'number' ? { entries } : {}),
      ...(typeof putOff === 'number' ? { putOff } : {}),
    };
  } catch {
    return {};
  }
}
