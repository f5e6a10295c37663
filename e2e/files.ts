import { zipSync } from 'fflate';
import type { Page } from '@playwright/test';
import { fit, gpx, tcx } from '../src/test/rideFiles';

export interface FileToPick {
  name: string;
  mimeType: string;
  buffer: Buffer;
}

export const fileOf = (name: string, content: string | Uint8Array): FileToPick => ({
  name,
  mimeType: 'application/octet-stream',
  buffer: Buffer.from(content),
});

/** A ride of two hours as GPX around the demo's home: a point every ten seconds, 70 m apart. */
export function islandGpx(start: string, name: string, points = 720): string {
  const rows = Array.from({ length: points }, (_, i) => {
    const time = new Date(Date.parse(start) + i * 10_000).toISOString();
    const lat = 58.3 + ((i % 2) * 70) / 111_320;
    return `<trkpt lat="${lat}" lon="-11.38"><time>${time}</time></trkpt>`;
  });
  return `<gpx version="1.1"><trk><name>${name}</name><trkseg>${rows.join('')}</trkseg></trk></gpx>`;
}

/** Thirty files: 24 rides in all formats, a twin, and five that are no rides. */
export function mixedBatch(): FileToPick[] {
  const day = (n: number) => Date.parse('2026-10-01T08:00:00.000Z') + n * 86_400_000;
  const text = (content: string) => new TextEncoder().encode(content);
  const rides = Array.from({ length: 18 }, (_, n) =>
    n % 2 === 0
      ? fileOf(`lap-${n}.gpx`, gpx(600, `Lap ${n}`, day(n)))
      : fileOf(`lap-${n}.fit`, fit([{ start: day(n), seconds: 600 }])),
  );
  const table = `start,distance_km,name\n2026-09-01T08:00:00Z,31,"From, a table"\n2026-09-02T08:00:00Z,32,Again\n`;
  const zip = zipSync({
    'a/one.gpx': text(gpx(600, 'Packed one', day(20))),
    'a/two.fit': fit([{ start: day(21), seconds: 600 }]),
    'a/letter.txt': text('Dear all'),
  });
  return [
    ...rides,
    fileOf('quay.tcx', tcx(4200)),
    fileOf('twin.gpx', gpx(600, 'Lap 0 again', day(0) + 30_000)),
    fileOf('table.csv', table),
    fileOf('all.zip', zip),
    fileOf('empty.gpx', ''),
    fileOf('cut-off.gpx', gpx(600, 'Lost', day(25)).slice(0, 3000)),
    fileOf('spoilt.fit', fit().slice(0, 900)),
    fileOf('letter.txt', 'Dear all'),
    fileOf('route.gpx', gpx(100, 'A plan').replace(/<time>[^<]*<\/time>/g, '')),
    fileOf('future.gpx', gpx(600, 'Next year', Date.parse('2027-05-01T08:00:00Z'))),
    fileOf('run.gpx', gpx(600, 'On foot', day(26), 'running')),
    fileOf('noise.fit', new Uint8Array(2000).fill(7)),
  ];
}

/** Drops files on the import page, as from a folder. */
export async function drop(page: Page, files: readonly FileToPick[]): Promise<void> {
  const transfer = await page.evaluateHandle(
    (list) => {
      const data = new DataTransfer();
      for (const { name, base64 } of list) {
        const bytes = Uint8Array.from(atob(base64), (c) => c.charCodeAt(0));
        data.items.add(new File([bytes], name));
      }
      return data;
    },
    files.map(({ name, buffer }) => ({ name, base64: buffer.toString('base64') })),
  );
  const zone = page.getByText(/^Drop FIT, GPX/);
  await zone.dispatchEvent('dragover', { dataTransfer: transfer });
  await zone.dispatchEvent('drop', { dataTransfer: transfer });
}
