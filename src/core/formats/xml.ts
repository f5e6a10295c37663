import { SaxesParser } from 'saxes';
import { fail, ok, type Result } from '../problem';

/** Callbacks of a reader of XML, element by element; names come without their prefix, `within` that of the element around. */
export interface XmlReader {
  open(name: string, attributes: Readonly<Record<string, string>>, within: string): void;
  close(name: string, text: string, within: string): void;
}

/** No file of rides nests its elements deeper; one that does would keep the parser busy. */
const DEEPEST = 100;

/** More points are no ride: a second apart they take longer than the longest ride there is. */
export const MOST_POINTS = 260_000;

/** Ends the walk: the file is refused for this reason. */
class RefusedXml extends Error {
  constructor(readonly code: 'file/not-xml' | 'file/too-large') {
    super(code);
  }
}

/** Counts the points of a file; throws what ends the walk when they are too many. */
export function pointCounter(): () => void {
  let points = 0;
  return () => {
    points += 1;
    if (points > MOST_POINTS) throw new RefusedXml('file/too-large');
  };
}

function plainName(name: string): string {
  const colon = name.indexOf(':');
  return colon < 0 ? name : name.slice(colon + 1);
}

/**
 * Walks through a text as XML. What is not well formed, truncated files among it, is refused with its
 * line. Entities of a document's own are not known to the parser, so a bomb of them is an error.
 */
export function walkXml(text: string, reader: XmlReader): Result<true> {
  const parser = new SaxesParser({ position: false });
  let content = '';
  let line: number | null = null;
  /** The element the reader stands in, and those around it. */
  let within = '';
  const around: string[] = [];
  parser.on('error', () => {
    line ??= parser.line;
  });
  parser.on('opentag', (tag) => {
    content = '';
    if (around.length >= DEEPEST) throw new RefusedXml('file/not-xml');
    const name = plainName(tag.name);
    reader.open(name, tag.attributes as Record<string, string>, within);
    around.push(within);
    within = name;
  });
  parser.on('text', (part) => {
    content += part;
  });
  parser.on('cdata', (part) => {
    content += part;
  });
  parser.on('closetag', () => {
    const name = within;
    within = around.pop() ?? '';
    reader.close(name, content, within);
    content = '';
  });
  try {
    parser.write(text).close();
  } catch (error) {
    if (!(error instanceof RefusedXml)) throw error;
    if (error.code !== 'file/not-xml') return fail(error.code);
    line ??= parser.line;
  }
  return line === null ? ok(true) : fail('file/not-xml', { line });
}

/** A number of an attribute or element, NaN where there is none. */
export function xmlNumber(text: string | undefined): number {
  if (text === undefined) return NaN;
  const number = Number(text);
  // Nothing but blanks reads as zero.
  return number === 0 && text.trim() === '' ? NaN : number;
}

/** A height in m, null where it is no number. */
export function xmlHeight(text: string): number | null {
  const metres = xmlNumber(text);
  return Number.isFinite(metres) ? metres : null;
}

/** Lengths of `2026-11-24T08:30:05Z` and `2026-11-24T08:30:05.000Z`, as nearly all recorders write it. */
const PLAIN_MOMENT = 20;
const PLAIN_WITH_MS = 24;
const PLAIN_DAY = /^\d{4}-\d\d-\d\d$/;

/** A moment of an element in ms, null where it cannot be read. */
export function xmlMoment(text: string): number | null {
  const plain = plainMoment(text);
  if (!Number.isNaN(plain)) return plain;
  const bare = text.trim().replace(' ', 'T');
  // Without a zone it is UTC: GPX and TCX both say so in their schemas.
  const ms = Date.parse(/T.*(Z|[+-]\d\d:?\d\d)$/i.test(bare) ? bare : `${bare}Z`);
  return Number.isNaN(ms) ? null : ms;
}

let lastDay = '';
let lastDayMs = NaN;

/** So many figures of a text as a number below a limit; NaN: they are none. */
function figures(text: string, at: number, many: number, limit: number): number {
  let value = 0;
  for (let n = at; n < at + many; n++) {
    const figure = text.charCodeAt(n) - 48;
    if (!(figure >= 0 && figure <= 9)) return NaN;
    value = value * 10 + figure;
  }
  return value < limit ? value : NaN;
}

/** The part of a second behind a plain moment, ms; NaN: what stands there is something else. */
function restOf(text: string): number {
  if (text.length === PLAIN_MOMENT) return text[19] === 'Z' ? 0 : NaN;
  const isPlain = text.length === PLAIN_WITH_MS && text[19] === '.' && text[23] === 'Z';
  return isPlain ? figures(text, 20, 3, 1000) : NaN;
}

/**
 * A moment as nearly all recorders write it, NaN where it is not. A track has one a second and they differ in their last figures
 * only: the day is read once, the time of day figure by figure.
 */
function plainMoment(text: string): number {
  const rest = restOf(text);
  if (Number.isNaN(rest) || text[10] !== 'T' || text[13] !== ':' || text[16] !== ':') return NaN;
  if (lastDay === '' || !text.startsWith(lastDay)) {
    const day = text.slice(0, 10);
    if (!PLAIN_DAY.test(day)) return NaN;
    lastDay = day;
    lastDayMs = Date.parse(`${day}T00:00:00Z`);
  }
  const minutes = figures(text, 11, 2, 24) * 60 + figures(text, 14, 2, 60);
  return lastDayMs + (minutes * 60 + figures(text, 17, 2, 60)) * 1000 + rest;
}
