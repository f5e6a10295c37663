/** Codes of a reading that was broken off, as text to be kept; null: there are none. */
export const writeCodes = (codes: readonly Uint8Array[]): string | null =>
  codes.length === 0 ? null : codes.map((code) => btoa(String.fromCharCode(...code))).join('\n');

/** The codes of a kept text; none where it is not one. */
export function readCodes(text: string | null): Uint8Array[] {
  try {
    return (text ?? '')
      .split('\n')
      .filter(Boolean)
      .map((line) => Uint8Array.from(atob(line), (sign) => sign.charCodeAt(0)));
  } catch {
    return [];
  }
}
