import type { BookState } from './bookState';

/** What JSON has no way of writing, as it is written here: under a name no record has. */
type Written =
  | { $: 'map'; of: [string, unknown][] }
  | { $: 'numbers'; of: number[] }
  | { $: 'number'; of: 'Infinity' | '-Infinity' | 'NaN' };

/** A book as text, to be read by `bookFrom`: each figure comes back as it was, to the last bit. */
export const bookText = (book: BookState): string => JSON.stringify(book, written);

/** A book from its text. Throws where the text is none of `bookText`. */
export const bookFrom = (text: string): BookState => JSON.parse(text, read) as BookState;

function written(_: string, value: unknown): unknown {
  if (value instanceof Map)
    return { $: 'map', of: [...value] as [string, unknown][] } satisfies Written;
  if (value instanceof Float64Array) return { $: 'numbers', of: [...value] } satisfies Written;
  if (typeof value === 'number' && !Number.isFinite(value))
    return { $: 'number', of: String(value) };
  return value;
}

function read(_: string, value: unknown): unknown {
  if (typeof value !== 'object' || value === null || !('$' in value)) return value;
  const { $: kind, of } = value as Written;
  if (kind === 'map') return new Map(of);
  return kind === 'numbers' ? Float64Array.from(of) : Number(of);
}
