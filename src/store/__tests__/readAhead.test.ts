import { readAhead } from '../readAhead';
import { memoryStorage, type Storage } from '../storage';

/** A storage that counts what it is asked, and fails while it is told to. */
function watched(entries: Record<string, string>) {
  const inner = memoryStorage(entries);
  const asked = { keys: 0, read: 0, fails: false };
  const storage: Storage = {
    ...inner,
    keys: () => {
      asked.keys += 1;
      return asked.fails ? Promise.reject(new Error('closed')) : inner.keys();
    },
    read: (keys) => {
      asked.read += 1;
      return asked.fails ? Promise.reject(new Error('closed')) : inner.read(keys);
    },
  };
  return { asked, inner, storage };
}

describe('a storage read ahead', () => {
  it('answers the first reading of all with what it held, and is asked again after that', async () => {
    const { asked, storage } = watched({ a: '1', b: '2' });
    const ahead = readAhead(storage);
    const keys = await ahead.keys();
    expect(keys).toEqual(['a', 'b']);
    expect(await ahead.read(keys)).toEqual({ a: '1', b: '2' });
    expect(asked).toMatchObject({ keys: 1, read: 1 });
    await ahead.write({ a: '3', c: '4' });
    expect(await ahead.keys()).toEqual(['a', 'b', 'c']);
    expect(await ahead.read(['a', 'c'])).toEqual({ a: '3', c: '4' });
    expect(asked).toMatchObject({ keys: 2, read: 2 });
  });

  it('asks for what it has not read', async () => {
    const { storage } = watched({ a: '1' });
    const ahead = readAhead(storage);
    await ahead.keys();
    await storage.write({ look: 'later' });
    expect(await ahead.read(['a', 'look', 'none'])).toEqual({ a: '1', look: 'later' });
  });

  it('that fails says so once, and is asked anew when it is tried again', async () => {
    const { asked, storage } = watched({ a: '1' });
    asked.fails = true;
    const ahead = readAhead(storage);
    await expect(ahead.keys()).rejects.toThrow('closed');
    asked.fails = false;
    expect(await ahead.read(await ahead.keys())).toEqual({ a: '1' });
  });

  it('that never answers is asked anew when it is tried again', async () => {
    const { storage, inner } = watched({ a: '1' });
    const stuck = readAhead({ ...storage, keys: () => new Promise(() => undefined) });
    let asked = 0;
    const late = readAhead({
      ...storage,
      keys: () => (asked++ === 0 ? new Promise(() => undefined) : inner.keys()),
    });
    void late.keys();
    expect(await late.read(await late.keys())).toEqual({ a: '1' });
    void stuck.read(['a']);
    expect(await stuck.read(['a'])).toEqual({ a: '1' });
  });
});
