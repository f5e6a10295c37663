/** A day as the value of a moment: some programs write "EXDATE:20261003" and leave out that it is a day. */
const BARE_DAY =
  /^(DTSTART|DTEND|EXDATE|RDATE|RECURRENCE-ID)((?:;(?!VALUE=)[^:;\r\n]{1,80}){0,4}):(\d{8}(?:,\d{8}){0,500}\r?)$/gim;

/** A calendar's text in which each day is called one. */
export const nameDays = (text: string): string => text.replace(BARE_DAY, '$1$2;VALUE=DATE:$3');

/** A calendar's text as its entries and what stands around them, line by line: no pattern to keep busy. */
export function splitEvents(text: string): { frame: string; events: string[] } {
  const frame: string[] = [];
  const events: string[] = [];
  let open: string[] | null = null;
  for (const line of text.split('\n')) {
    const word = line.trim().toUpperCase();
    if (word === 'BEGIN:VEVENT') {
      // An entry within an entry: the outer one never ended.
      open = [line];
    } else if (!open) frame.push(line);
    else {
      open.push(line);
      if (word !== 'END:VEVENT') continue;
      events.push(`${open.join('\n')}\n`);
      open = null;
    }
  }
  return { frame: frame.join('\n'), events };
}
