import { mergeLogbooks, type Logbook } from '@/core/logbook/logbook';
import { CURRENT_VERSION } from '@/core/logbook/versions';
import {
  besideKey,
  homeKey,
  isBeside,
  isNewer,
  META,
  readMeta,
  type Meta,
  type Quarantined,
} from './keys';
import { addedKeys, EMPTY_LOGBOOK, partText, withParts } from './logbookFile';
import { sumOf } from './parts';
import { partsRead, type ReadParts } from './readParts';
import type { Refused } from '@/core/logbook/reading';
import type { Validation } from '@/core/validation/load';
import { atOnce, type Pace } from './slices';
import type { Storage } from './storage';

type Entries = Record<string, string>;

/** What came of looking at storage: the page merged with it, and what of it is damaged and lost. */
interface Seen {
  entries: Entries;
  page: Logbook;
  lost: Quarantined[];
}

/** The logbook as storage was last seen to hold it, part by part, and how a page's logbook gets there. */
export class StoredLogbook {
  private logbook: Logbook = EMPTY_LOGBOOK;
  /** The same, less what was refused: known to be sound. */
  private sound: Logbook = EMPTY_LOGBOOK;
  /** Checksums of the texts it was read from or written as. */
  private sums = new Map<string, string>();
  /** Keys to be written again whatever they hold. */
  private stale = new Set<string>();
  /** Parts with damage that is not set aside yet. */
  private spoilt = new Set<string>();
  /** Parts a newer version of the app has taken over. */
  private newer = new Set<string>();

  /** What the page holds and storage may not: no schema would read it back. */
  refused: Refused[] = [];

  constructor(
    private readonly storage: Storage,
    private readonly readers: () => Promise<Validation>,
  ) {}

  get isNewer(): boolean {
    return this.newer.size > 0;
  }

  /** Reads everything. */
  async open(pace: Pace): Promise<{ entries: Entries; read: ReadParts }> {
    const entries = await this.storage.read(await this.storage.keys());
    const read = await this.read(entries, pace);
    this.take(entries, read);
    this.logbook = read.logbook;
    this.sound = read.logbook;
    return { entries, read };
  }

  /** What reads older or damaged parts is loaded only when there are some. */
  private async read(entries: Entries, pace: Pace = atOnce): Promise<ReadParts> {
    const read =
      (await pace(partsRead(entries))) ?? (await pace(partsRead(entries, await this.readers())));
    if (!read) throw new Error('Parts that readers cannot read');
    return read;
  }

  /** The checksum of each part as storage was last seen to hold it. */
  partSums(): Record<string, string> {
    return Object.fromEntries(this.sums);
  }

  /** Keys of the parts that storage must be given so that it holds what the page does. */
  lacking(page: Logbook): string[] {
    return [...new Set([...addedKeys(this.logbook, page), ...this.stale])];
  }

  /** Keys of the parts that are not as they were last seen, as far as `meta` tells. */
  async changedElsewhere(): Promise<string[]> {
    const { sums } = readMeta((await this.storage.read([META]))[META]);
    const keys = new Set([...Object.keys(sums), ...this.sums.keys()]);
    return [...keys].filter((key) => sums[key] !== this.sums.get(key));
  }

  /**
   * Reads some parts, with what lies beside them: this becomes what they say, and the page is merged with
   * it. Damage is lost only where it struck what the page had not read: all else is whole in the page.
   */
  async readAgain(parts: readonly string[], page: Logbook): Promise<Seen> {
    const keys = [...new Set(parts.map(homeKey))];
    const entries = await this.storage.read([META, ...keys, ...keys.map(besideKey)]);
    const isKnown = (key: string) =>
      (entries[key] === undefined ? undefined : sumOf(entries[key])) === this.sums.get(key);
    const fresh = keys.filter(
      (key) => this.spoilt.has(key) || !isKnown(key) || !isKnown(besideKey(key)),
    );
    if (fresh.length === 0) return { entries, page, lost: [] };
    const wanted = new Set([META, ...fresh, ...fresh.map(besideKey)]);
    const own = Object.fromEntries(Object.entries(entries).filter(([key]) => wanted.has(key)));
    const read = await this.read(own);
    const { sums } = readMeta(entries[META]);
    const isWhole = (key: string) => this.sums.has(key) && this.sums.get(key) === sums[key];
    const lost = read.damaged.filter(({ part }) => !isWhole(part) || this.spoilt.has(part));
    this.logbook = withParts(this.logbook, [...fresh, ...read.stale], read.logbook);
    this.sound = withParts(this.sound, [...fresh, ...read.stale], read.logbook);
    for (const key of wanted) this.sums.delete(key);
    this.take(own, read);
    const isLost = new Set(lost.map(({ part }) => homeKey(part)));
    for (const key of fresh) if (!isLost.has(key)) this.spoilt.delete(key);
    return { entries, page: mergeLogbooks(page, read.logbook), lost };
  }

  private take(entries: Entries, read: ReadParts): void {
    const { sums } = readMeta(entries[META]);
    for (const [key, sum] of read.sums) {
      this.sums.set(key, sum);
      // Other tabs go by `meta`: it must say what is there.
      if (!isBeside(key) && sums[key] !== sum && !read.newer.includes(key)) this.stale.add(key);
    }
    for (const key of read.stale) this.stale.add(key);
    for (const { part } of read.damaged) this.spoilt.add(homeKey(part));
    for (const key of read.newer) this.newer.add(homeKey(key));
  }

  /**
   * Writes the parts of a page's logbook that differ from the entries just seen, in one go with what was
   * lost and the stamp; what no schema would read back stays out. To be called by one tab at a time.
   * Returns the keys other tabs should look at.
   */
  async write(
    keys: readonly string[],
    page: Logbook,
    { entries, lost }: Pick<Seen, 'entries' | 'lost'>,
    now: number,
  ): Promise<string[]> {
    const { soundLogbook } = await this.readers();
    const { logbook: sound, refused } = soundLogbook(page, this.sound);
    const meta = readMeta(entries[META]);
    const texts: Entries = {};
    const sums: Record<string, string> = {};
    for (const key of keys) {
      const text = partText(sound, key);
      const target = this.newer.has(key) ? besideKey(key) : key;
      if (entries[target] !== text) texts[target] = text;
      sums[target] = sumOf(text);
    }
    for (const { key, text } of lost) texts[key] = text;
    const isTold = Object.entries(sums).every(([key, sum]) => meta.sums[key] === sum);
    const isNeeded = Object.keys(texts).length > 0 || !isTold;
    if (isNeeded) await this.storage.write({ ...texts, [META]: metaText(meta, sums, now) });
    for (const [key, sum] of Object.entries(sums)) this.sums.set(key, sum);
    for (const key of keys) {
      this.stale.delete(key);
      this.spoilt.delete(key);
    }
    this.logbook = withParts(this.logbook, keys, page);
    this.sound = withParts(this.sound, keys, sound);
    this.refused = refused;
    await this.clearBeside(keys, entries, sums);
    return isNeeded ? Object.keys(sums) : [];
  }

  /** What lay beside a part has been taken in, and is needed no more. */
  private async clearBeside(
    keys: readonly string[],
    entries: Entries,
    sums: Entries,
  ): Promise<void> {
    const beside = keys.map(besideKey).filter((key) => entries[key] && !sums[key]);
    if (beside.length === 0) return;
    await this.storage.remove(beside);
    for (const key of beside) this.sums.delete(key);
  }
}

function metaText({ version, sums }: Meta, written: Record<string, string>, now: number): string {
  const meta: Meta = {
    version: isNewer(version) ? version : CURRENT_VERSION,
    lastWrite: new Date(now).toISOString(),
    sums: { ...sums, ...written },
  };
  return JSON.stringify(meta);
}
