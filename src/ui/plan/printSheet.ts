import type { PlanAnswer } from '@/core/words/planAnswer';
import { dayWord, shortDay } from '@/core/time/dates';
import type { RideAhead } from '@/core/plan/rides/occurrences';
import { formatDistance } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { timeText } from '@/core/intl/dates';

/** Keeps a figure and its unit on one line. */
const NEVER_PARTED = '\u00a0';

const escape = (text: string): string =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');

const job = (bike: string, says: string): string =>
  `<div class="job"><span class="box"></span><div><b>${escape(bike)}</b>: ${escape(says)}</div></div>`;

/** The weeks on paper: a row a day, jobs with a box to tick, rides beside them. */
export function sheetOf(
  { agenda, mornings, days }: PlanAnswer,
  rides: readonly RideAhead[],
  bikeNames: Readonly<Record<string, string>>,
  units: Units,
): string {
  const today = days[0]?.date ?? '';
  const rows = days.flatMap(({ date }) => {
    const jobs = agenda.filter((a) => a.date === date);
    const own = rides.filter((r) => r.date === date);
    const coats = mornings.filter((m) => m.date === date);
    if (jobs.length + coats.length + own.length === 0) return [];
    const ridden = own.map((r) =>
      escape(
        `${timeText(r.time, units.clock)} ${bikeNames[r.bikeId] ?? ''}, ${formatDistance(r.km, units).replace(' ', NEVER_PARTED)}`,
      ),
    );
    const done = [
      ...coats.map((c) => job(c.bikeName, c.what)),
      ...jobs.map((a) =>
        job(
          a.bikeName,
          `${a.words.order} ${Math.round(a.minutes)} min.${a.words.start ? ` ${a.words.start}` : ''}`,
        ),
      ),
    ];
    const word = dayWord(date, today) === 'Today' ? 'Today, ' : '';
    return [
      `<tr><th scope="row">${word}${escape(shortDay(date))}</th><td>${ridden.join('<br>')}</td><td>${done.join('')}</td></tr>`,
    ];
  });
  return `<!doctype html><html lang="en"><meta charset="utf-8"><title>Chain care, ${escape(shortDay(today))}</title>
<style>
body{font:13pt/1.4 'Hanken Grotesk',sans-serif;color:#16202f;margin:12mm}
h1{font-size:22pt;margin:0 0 6mm}
table{border-collapse:collapse;width:100%}
th,td{border-top:1px solid #9aa3ad;padding:2mm 3mm 2mm 0;text-align:left;vertical-align:top}
tr{break-inside:avoid}
th{white-space:nowrap}
.job{display:flex;gap:3mm;margin-bottom:1mm}
.box{flex:none;width:5mm;height:5mm;border:2px solid #16202f;margin-top:.7mm}
</style>
<h1>Chain care, the next ${days.length} days</h1>
<table><thead><tr><th scope="col">Day</th><th scope="col">Rides</th><th scope="col">At the bench</th></tr></thead><tbody>${rows.join('')}</tbody></table></html>`;
}

/** Prints a page of its own from a frame nobody sees: the app's own page is not for paper. */
export function printSheet(html: string): void {
  const frame = document.createElement('iframe');
  frame.title = 'Sheet to print';
  frame.style.cssText = 'position:fixed;width:0;height:0;border:0;visibility:hidden';
  frame.srcdoc = html;
  frame.onload = () => {
    frame.contentWindow?.addEventListener('afterprint', () => frame.remove());
    frame.contentWindow?.print();
  };
  document.body.append(frame);
}
