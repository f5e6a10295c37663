import type { TermName } from './terms';

/** How words of the glossary stand in running text. Those everybody knows, or that stand in every line, are not marked. */
const IN_TEXT: Partial<Record<TermName, string>> = {
  cassette: 'cassettes?',
  chainring: 'chainrings?',
  checker: 'wear checkers?|checkers?',
  degreaser: 'degreaser',
  derailleur: 'rear derailleur|derailleur',
  elongation: 'elongation',
  'hub gear': 'hub gears?',
  'inner plate': '(?:inner|outer) plates?',
  jockey: 'jockey wheels?',
  'joining link': '(?:joining|quick) links?',
  pin: 'pins?',
  rag: 'rag checks?',
  rescue: 'rescue',
  reserve: 'reserve',
  roller: 'rollers?',
  'stiff link': 'stiff links?',
  'top-up': 'top-ups?',
};

const NAMES = Object.keys(IN_TEXT) as TermName[];
const ANY = new RegExp(NAMES.map((name) => `(\\b(?:${IN_TEXT[name]})\\b)`).join('|'), 'gi');

/** A piece of a text, and the word of the glossary it is; null: plain text. */
export interface Piece {
  text: string;
  term: TermName | null;
}

/** A text cut where it says a word of the glossary for the first time. Joined, the pieces are the text. */
export function linkedPieces(text: string): Piece[] {
  const pieces: Piece[] = [];
  const said = new Set<TermName>();
  let from = 0;
  for (const match of text.matchAll(ANY)) {
    const term = NAMES[match.slice(1).findIndex((word) => word !== undefined)];
    if (!term || said.has(term)) continue;
    said.add(term);
    if (match.index > from) pieces.push({ text: text.slice(from, match.index), term: null });
    pieces.push({ text: match[0], term });
    from = match.index + match[0].length;
  }
  if (from < text.length) pieces.push({ text: text.slice(from), term: null });
  return pieces;
}
