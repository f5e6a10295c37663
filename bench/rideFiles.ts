import FitParser from 'fit-file-parser';
import { SaxesParser } from 'saxes';
import { readRideFiles } from '@/core/formats/rideFile';
import { fit, gpx } from '@/test/rideFiles';
import { median, report, timed } from './report';

/** Five hours at a point a second. */
const SECONDS = 18_000;
const RUNS = 31;
const ms = (x: number) => `${x.toFixed(0)} ms`;

function read(name: string, bytes: Uint8Array): void {
  const [file] = readRideFiles(name, bytes, {});
  if (!file?.rides.ok || !file.rides.value.every((r) => r.ok)) throw new Error(`${name} not read`);
}

/** Both jobs in turn, so that a pause of the machine meets them alike. */
function compare(ours: () => void, bare: () => void): [number, number] {
  const times: [number[], number[]] = [[], []];
  for (let n = 0; n < RUNS; n++) {
    times[0].push(timed(ours));
    times[1].push(timed(bare));
  }
  return [median(times[0]), median(times[1])];
}

const text = gpx(SECONDS);
const gpxBytes = new TextEncoder().encode(text);
const [gpxOurs, gpxBare] = compare(
  () => read('five-hours.gpx', gpxBytes),
  () => {
    const parser = new SaxesParser({ xmlns: false });
    parser.write(text).close();
  },
);
report(
  'A 5-hour GPX read to a ride, times the XML package’s bare parse',
  gpxOurs / gpxBare,
  1.15,
  `medians of ${RUNS}: ${ms(gpxOurs)} against ${ms(gpxBare)} for ${(text.length / 1e6).toFixed(1)} MB`,
);

const fitBytes = fit([{ start: Date.parse('2026-05-10T08:00:00Z'), seconds: SECONDS }]);
const [fitOurs, fitBare] = compare(
  () => read('five-hours.fit', fitBytes),
  () => {
    const parser = new FitParser({ force: false, mode: 'list', lengthUnit: 'm' });
    parser.parse(fitBytes.slice().buffer, () => undefined);
  },
);
report(
  'A 5-hour FIT read to a ride, times the decoder’s bare time',
  fitOurs / fitBare,
  1.1,
  `medians of ${RUNS}: ${ms(fitOurs)} against ${ms(fitBare)} for ${(fitBytes.length / 1e6).toFixed(1)} MB`,
);
