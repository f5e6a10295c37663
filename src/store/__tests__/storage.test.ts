import { browserStorage, memoryStorage, type Storage } from '../storage';

/** One acceptance suite for every place a logbook may be kept. */
const places: [string, () => Storage][] = [
  ['memory', () => memoryStorage()],
  ['the browser (IndexedDB)', () => browserStorage(`test-${Math.floor(performance.now() * 1000)}`)],
];

describe.each(places)('storage in %s', (_, open) => {
  it('gives back what was written, and only keys that exist', async () => {
    const storage = open();
    await storage.write({ a: '1', b: '2' });
    expect(await storage.read(['a', 'b', 'c'])).toEqual({ a: '1', b: '2' });
    expect((await storage.keys()).sort()).toEqual(['a', 'b']);
  });

  it('writes over and removes', async () => {
    const storage = open();
    await storage.write({ a: '1', b: '2' });
    await storage.write({ a: '3' });
    await storage.remove(['b', 'nothing']);
    expect(await storage.read(['a', 'b'])).toEqual({ a: '3' });
  });

  it('keeps long texts and odd letters whole', async () => {
    const storage = open();
    const text = '“Kette” 链条 \u0000 ' + 'x'.repeat(300_000);
    await storage.write({ long: text });
    expect((await storage.read(['long'])).long).toBe(text);
  });
});

it('two names in one browser are two logbooks', async () => {
  const own = browserStorage('test-own');
  const demo = browserStorage('test-demo');
  await own.write({ a: 'mine' });
  await demo.write({ a: 'demo' });
  expect(await own.read(['a'])).toEqual({ a: 'mine' });
});
