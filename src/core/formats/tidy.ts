/** Signs that turn the direction of writing around, or cannot be seen: a name with them can lie. */
const UNSEEN =
  /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f\u200b-\u200f\u2028-\u202e\u2060-\u2069\ufeff]/g;

/** Whether a text holds signs that are taken out of names. */
export const hasUnseen = (text: string): boolean => text.search(UNSEEN) >= 0;

/** A name from a file as it can be shown: without unseen signs, so long at most. */
export const tidy = (text: string, most = 200): string =>
  text
    .slice(0, most * 4)
    .replace(UNSEEN, ' ')
    .replace(/ {2,}/g, ' ')
    .trim()
    .slice(0, most);
