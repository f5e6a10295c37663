import fc from 'fast-check';
import { readGpx, readGpxPlainly } from '../gpx';
import { takePlainPoints } from '../gpxPoints';
import { cases } from '@/test/cases';
import { gpx } from '@/test/rideFiles';

const START = Date.parse('2026-05-10T08:00:00Z');
const blanks = fc.constantFrom('', '', ' ', '\n', '\r\n   ', '\t', '\n\n');
const leaf = fc.constantFrom(
  '<hr>140</hr>',
  '<ns3:hr>150</ns3:hr>',
  '<power>220</power>',
  '<a:b:c>1</a:b:c>',
  '<x> </x>',
  '<x></x>',
  '<x/>',
  '<name>here</name>',
  '<time>2020-01-01T00:00:00Z</time>',
  '<ele>9999</ele>',
  '<gear>the grey one</gear>',
  '<hr>1&amp;2</hr>',
  '<hr>é</hr>',
  '<hr a="1">3</hr>',
  '<trkpt>3</trkpt>',
  '<n:trkpt lat="1" lon="2">3</n:trkpt>',
  '<trk>3</trk>',
  '<n:trk>3</n:trk>',
  '<a:b:trk>3</a:b:trk>',
  '<trkseg></trkseg>',
  '<rte>1</rte>',
  '<gpx>1</gpx>',
  '<hr>3</power>',
  '<hr>3',
  '<run-of-points n="0"/>',
  '<1>2</1>',
  '<hr>3 > 2</hr>',
  '<hr>\u0001</hr>',
  '<!-- a note -->',
  '<![CDATA[<trkpt lat="1" lon="2"></trkpt>]]>',
  '<?what now?>',
);
const common = fc.constantFrom('<hr>140</hr>', '<ns3:hr>150</ns3:hr>', '<power>220</power>');
const mostly = fc.oneof({ weight: 12, arbitrary: common }, { weight: 1, arbitrary: leaf });
const extensions = fc
  .array(
    fc.oneof(
      mostly,
      fc
        .array(mostly, { maxLength: 3 })
        .map((inner) => `<ns3:TrackPointExtension>${inner.join('\n')}</ns3:TrackPointExtension>`),
    ),
    { maxLength: 3 },
  )
  .map((parts) => `<extensions>${parts.join('')}</extensions>`);

/** A point at a moment, written one way or another; now and then in a way that is no GPX. */
const point = fc
  .record({
    lat: fc.integer({ min: -50, max: 50 }),
    style: fc.nat(40),
    gap: blanks,
    more: fc.oneof({ weight: 3, arbitrary: fc.constant('') }, extensions),
    odd: fc.oneof({ weight: 12, arbitrary: fc.constant('') }, leaf),
    height: fc.constantFrom('', '<ele>12.5</ele>', '<ele></ele>', '<ele>1e2</ele>', '<ele>-</ele>'),
  })
  .map(({ lat, style, gap, more, odd, height }) => (n: number) => {
    const at = new Date(START + n * 5000).toISOString();
    const place = [(54 + n * 4e-4).toFixed(6), (-3 + lat * 1e-6).toFixed(7)];
    const time = style === 1 ? '' : `<time>${style < 9 ? at : at.replace('.000', '')}</time>`;
    const inner = [height, time, more].join(gap);
    if (style === 2) return `<trkpt lon="${place[1]}" lat="${place[0]}">${inner}</trkpt>`;
    if (style === 3) return `<trkpt lat='${place[0]}' lon='${place[1]}'>${inner}</trkpt>`;
    if (style === 4) return `<trkpt lat="${place[0]}"\n lon="${place[1]}" >${inner}</trkpt >`;
    if (style === 5) return `<trkpt lat="${place[0]}" lon="${place[1]}"/>`;
    if (style === 6) return `<n:trkpt lat="${place[0]}" lon="${place[1]}">${inner}</n:trkpt>`;
    if (style === 7) return `<trkpt lat="${place[0]}" lon="${place[1]}">${odd}${inner}</trkpt>`;
    if (style === 8) return `<trkpt lat="" lon="${place[1]}">${gap}${more}${time}${height}</trkpt>`;
    return `<trkpt lat="${place[0]}" lon="${place[1]}">${gap}${inner}${gap}</trkpt>`;
  });

const segment = fc
  .tuple(fc.array(point, { maxLength: 30 }), blanks, fc.nat(9))
  .map(([points, gap, n]) => (from: number) => {
    const text = points.map((write, i) => write(from + i)).join(gap);
    const late = `<time>${new Date(START + from * 5000 + 1).toISOString()}</time>`;
    return n === 0 ? `<trkpt lat="54" lon="-3">${text}${late}</trkpt>` : text;
  });

const file = fc
  .tuple(
    fc.array(fc.array(segment, { maxLength: 3 }), { maxLength: 3 }),
    fc.oneof({ weight: 8, arbitrary: fc.constant('') }, leaf),
    fc.oneof({ weight: 8, arbitrary: fc.constant(null) }, fc.nat()),
  )
  .map(([tracks, odd, cut]) => {
    const body = tracks.map((segments, t) => {
      const inner = segments.map(
        (write, s) => `<trkseg>${write(t * 1000 + s * 100)}</trkseg>${s === 1 ? odd : ''}`,
      );
      return `<trk><name>Ride ${t}</name>\n<type>cycling</type>${inner.join('\n')}</trk>`;
    });
    const text = `<?xml version="1.0"?><gpx creator="Shed two">${body.join('')}${odd}</gpx>`;
    return cut === null ? text : text.slice(0, cut % text.length);
  });

describe('points taken out of a GPX by a pattern', () => {
  it('tell the same rides, and refuse the same files at the same line, as the reader of XML', () => {
    let [taken, rides, refused] = [0, 0, 0];
    fc.assert(
      fc.property(file, (text) => {
        const read = readGpx(text);
        expect(read).toEqual(readGpxPlainly(text));
        taken += takePlainPoints(text, 1e6)?.runs.flat().length ?? 0;
        if (!read.ok) refused += 1;
        else rides += read.value.filter((r) => r.ok).length;
      }),
      { seed: 67, numRuns: cases(3000) },
    );
    // Neither way was looked at alone.
    expect(Math.min(taken, rides, refused)).toBeGreaterThan(cases(3000) / 20);
  });

  it('are all of them in a file by another writer (npm gpx-builder), and no more than asked for', () => {
    const text = gpx(500);
    const all = takePlainPoints(text, 1000);
    expect(all?.runs.map((run) => run.length)).toEqual([500]);
    expect(all?.rest.length).toBeLessThan(1000);
    const some = takePlainPoints(text, 120);
    expect(some?.runs.map((run) => run.length)).toEqual([120]);
    expect(some?.rest.split('<trkpt')).toHaveLength(381);
    expect(readGpx(text)).toEqual(readGpxPlainly(text));
  });

  it('with more elements than a pattern can follow are left to the reader of XML', () => {
    for (const [inner, end] of [
      ['<hr>1</hr>', ''],
      ['<a><hr>1</hr></a>', ''],
      ['<hr>1</hr>', '</a>'],
    ] as const) {
      const many = `<extensions>${end && '<a>'}${inner.repeat(2_000_000)}${end}</extensions></trkpt>`;
      const text = gpx(50).replace('</trkpt>', many);
      expect(takePlainPoints(text, 100)?.runs.flat()).toHaveLength(49);
    }
  });

  it('are refused alike where they are too many, whatever else is broken', () => {
    const point = '<trkpt lat="54.2" lon="-4.5"><time>2026-05-10T08:00:00Z</time></trkpt>';
    const many = gpx(2).replace('<trkpt', `${point.repeat(400_000)}<trkpt`);
    const told = [
      many,
      many.replace('<trk>', '<trk><broken'),
      `${many}<broken`,
      many.replace('</trkseg>', '</trk>'),
    ].map((text) => {
      const read = readGpx(text);
      expect(read).toEqual(readGpxPlainly(text));
      return read.ok || read.problem.code;
    });
    expect(new Set(told)).toEqual(new Set(['file/too-large']));
  }, 60_000);

  it('are left where a comment or our own mark stands, for there they may be none', () => {
    const text = gpx(50);
    expect(takePlainPoints(text.replace('<trk>', '<!-- home --><trk>'), 100)).toBeNull();
    expect(takePlainPoints(text.replace('<trk>', '<run-of-points n="0"/><trk>'), 100)).toBeNull();
    const hidden = text.replace('<trkpt', '<!-- <trkpt').replace('</trkpt>', '</trkpt> -->');
    expect(readGpx(hidden)).toEqual(readGpxPlainly(hidden));
  });
});
