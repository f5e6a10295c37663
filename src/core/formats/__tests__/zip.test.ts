import { zipSync } from 'fflate';
import { BlobReader, BlobWriter, ZipWriter } from '@zip.js/zip.js';
import { Chance } from '@/core/chance/chance';
import { say } from '@/core/words/problems';
import { cases } from '@/test/cases';
import { fit, gpx } from '@/test/rideFiles';
import { METRIC } from '@/core/units/convert';
import { readRideFiles } from '../rideFile';

const text = (content: string) => new TextEncoder().encode(content);
const read = (bytes: Uint8Array) =>
  [...readRideFiles('all.zip', bytes, {})].map(({ name, rides }) => [
    name,
    rides.ok ? rides.value.filter((r) => r.ok).length : rides.problem.code,
  ]);

/** An archive by an independent writer (npm @zip.js/zip.js). */
async function zipped(files: Record<string, string>, password?: string): Promise<Uint8Array> {
  const writer = new ZipWriter(new BlobWriter(), password ? { password } : {});
  for (const [name, content] of Object.entries(files))
    await writer.add(name, new BlobReader(new Blob([content])), { useWebWorkers: false });
  return new Uint8Array(await (await writer.close()).arrayBuffer());
}

describe('an archive', () => {
  it('by an independent writer gives each of its files a result of its own', async () => {
    const bytes = await zipped({
      'may/lap.gpx': gpx(60),
      'may/letter.txt': 'Dear all',
      '__MACOSX/lap.gpx': 'x',
      '.hidden': 'x',
      'bad.gpx': gpx(60).slice(0, 1500),
    });
    expect(read(bytes)).toEqual([
      ['all.zip › may/lap.gpx', 1],
      ['all.zip › may/letter.txt', 'file/unknown'],
      ['all.zip › bad.gpx', 'file/not-xml'],
    ]);
  });

  it('locked with a password is not opened, and says why', async () => {
    expect(read(await zipped({ 'lap.gpx': gpx(60) }, 'shed'))).toEqual([
      ['all.zip › lap.gpx', 'zip/locked'],
    ]);
  });

  it('that is a bomb, or lies about its size, costs nothing', () => {
    const bomb = zipSync({ 'lap.gpx': new Uint8Array(90_000_000), 'ok.fit': fit() }, { level: 9 });
    expect(read(bomb)).toEqual([
      ['all.zip › lap.gpx', 'file/too-large'],
      ['all.zip › ok.fit', 1],
    ]);
    const lying = zipSync({ 'lap.gpx': new Uint8Array(1_000_000) });
    const view = new DataView(lying.buffer, lying.byteOffset);
    const central = lying.findLastIndex(
      (_, i) => i + 4 <= lying.length && view.getUint32(i, true) === 0x02014b50,
    );
    view.setUint32(central + 24, 100, true);
    expect(read(lying)).toEqual([['all.zip › lap.gpx', 'zip/damaged']]);
  });

  it.each([
    [
      'within an archive within an archive',
      () => zipSync({ 'in.zip': zipSync({ 'b.zip': zipSync({ 'a.gpx': text('x') }) }) }),
      'zip/nested',
    ],
    ['cut off', () => zipSync({ 'a.gpx': text(gpx(60)) }).slice(0, 300), 'zip/damaged'],
    ['of nothing', () => zipSync({}), 'zip/empty'],
    [
      'of too many files',
      () =>
        zipSync(
          Object.fromEntries(Array.from({ length: 15_001 }, (_, i) => [`${i}.gpx`, text('x')])),
        ),
      'zip/too-many',
    ],
  ])('%s is refused with a sentence', (_, make, code) => {
    const results = [...readRideFiles('all.zip', make(), {})];
    const { rides } = results.at(-1)!;
    expect(rides).toMatchObject({ ok: false, problem: { code } });
    if (!rides.ok) expect(say(rides.problem, METRIC)).toMatch(/\.$/);
  });

  it('of 64 bits, by an independent writer, is read to the longest comment there may be behind it', async () => {
    const writer = new ZipWriter(new BlobWriter(), { zip64: true });
    const blob = new BlobReader(new Blob([gpx(60)]));
    await writer.add('lap.gpx', blob, { useWebWorkers: false });
    const archive = await writer.close(new Uint8Array(65_535).fill(0x20));
    const bytes = new Uint8Array(await archive.arrayBuffer());
    // Its end points to the directory only by way of the 64-bit end before it.
    const end = new DataView(bytes.buffer, bytes.length - 65_535 - 22);
    expect(end.getUint32(0, true)).toBe(0x06054b50);
    expect(end.getUint32(16, true)).toBe(0xffffffff);
    expect(read(bytes)).toEqual([['all.zip › lap.gpx', 1]]);
  });

  it('whose name is said to be longer than the archive keeps its ride, and nothing behind the end is read', () => {
    const lying = zipSync({ 'lap.gpx': text(gpx(60)) }, { level: 0 });
    const view = new DataView(lying.buffer, lying.byteOffset);
    view.setUint16(view.getUint32(lying.length - 22 + 16, true) + 28, 5000, true);
    const among = new Uint8Array(lying.length + 20_000).fill(0x61);
    among.set(lying, 100);
    const [only, ...more] = read(among.subarray(100, 100 + lying.length));
    expect([only?.[1], more]).toEqual([1, []]);
    expect(only?.[0]).toMatch(/^all\.zip › lap\.gpx/);
    expect(only?.[0]).not.toContain('aaa');
    expect(read(lying)).toEqual([only]);
  });

  it('a file that is none and too large is refused before it is read', () => {
    const asked: number[] = [];
    const film = {
      length: 3_000_000_000,
      subarray(from: number, to: number) {
        asked.push(to - from);
        return new Uint8Array(Math.min(to - from, 100));
      },
    };
    const [only] = readRideFiles('film.mov', film, {});
    expect(only?.rides).toMatchObject({ ok: false, problem: { code: 'file/too-large' } });
    expect(Math.max(...asked)).toBeLessThan(100);
  });

  it('read piece by piece says what it says in memory, whole or spoilt, and no piece holds more than it must', () => {
    const files = Object.fromEntries(
      Array.from({ length: 40 }, (_, n) => [`ride-${n}.gpx`, text(gpx(60 + n))]),
    );
    const whole = zipSync(files, { level: 0 });
    const inPieces = (bytes: Uint8Array) => {
      const found = { most: 0, read: [] as unknown[] };
      const source = {
        length: bytes.length,
        subarray(from: number, to: number) {
          const piece = bytes.slice(from, to);
          found.most = Math.max(found.most, piece.length);
          return piece;
        },
      };
      found.read = [...readRideFiles('all.zip', source, {})];
      return found;
    };
    expect(inPieces(whole).read).toEqual([...readRideFiles('all.zip', whole, {})]);
    // The end of an archive may be followed by so long a comment.
    expect(inPieces(whole).most).toBeLessThan(70_000);
    expect(whole.length).toBeGreaterThan(250_000);
    const chance = new Chance(23, 1);
    for (let n = 0; n < cases(120); n++) {
      const cut = n % 3 === 0 ? Math.floor(chance.uniform() * whole.length) : whole.length;
      const spoilt = whole.slice(0, cut);
      // The directory at its end is hit more often than the files.
      const from = n % 2 ? spoilt.length - 4000 : 0;
      for (let hit = 0; hit < 3; hit++)
        spoilt[Math.floor(from + chance.uniform() * (spoilt.length - from))] =
          chance.uniform() * 256;
      expect(inPieces(spoilt).read).toEqual([...readRideFiles('all.zip', spoilt, {})]);
    }
  });
});
