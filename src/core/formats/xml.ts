import { SaxesParser } from 'saxes';
import { fail, ok, type Result } from '../problem';

/** What a reader of XML is told, element by element; names come without their prefix. */
export interface XmlReader {
  open(name: string, attributes: Readonly<Record<string, string>>): void;
  close(name: string, text: string): void;
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
  parser.on('error', () => {
    line ??= parser.line;
  });
  parser.on('opentag', (tag) => {
    content = '';
    reader.open(plainName(tag.name), tag.attributes as Record<string, string>);
  });
  parser.on('text', (part) => {
    content += part;
  });
  parser.on('cdata', (part) => {
    content += part;
  });
  parser.on('closetag', (tag) => {
    reader.close(plainName(tag.name), content);
    content = '';
  });
  parser.write(text).close();
  return line === null ? ok(true) : fail('file/not-xml', { detail: String(line) });
}

/** A number of an attribute or element, NaN where there is none. */
export const xmlNumber = (text: string | undefined): number =>
  text === undefined || text.trim() === '' ? NaN : Number(text);

/** A moment of an element in ms, null where it cannot be read. */
export function xmlMoment(text: string): number | null {
  const ms = Date.parse(text.trim());
  return Number.isNaN(ms) ? null : ms;
}
