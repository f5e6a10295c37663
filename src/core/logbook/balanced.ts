/**
 * Where the JSON value that begins at a place ends: after the bracket that closes its first. -1 where it does
 * not close within `most` characters.
 */
export function endOfValue(text: string, start: number, most = text.length): number {
  let depth = 0;
  let inString = false;
  for (let at = start; at < text.length && at - start < most; at++) {
    const sign = text[at];
    if (inString) {
      if (sign === '\\') at += 1;
      else if (sign === '"') inString = false;
    } else if (sign === '"') inString = true;
    else if (sign === '{' || sign === '[') depth += 1;
    else if ((sign === '}' || sign === ']') && --depth === 0) return at + 1;
  }
  return -1;
}
