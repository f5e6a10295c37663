import { keptText } from '../keptText';
import { memoryStorage } from '../storage';

describe('the session at the bench', () => {
  it('is kept until it is over', async () => {
    const storage = memoryStorage();
    const session = keptText('own', 'bench', storage);
    expect(await session.read()).toBeNull();
    await session.write('{"version":1}');
    expect(await keptText('own', 'bench', storage).read()).toBe('{"version":1}');
    await session.write(null);
    expect(await session.read()).toBeNull();
  });

  it('that cannot be read is put aside, not lost', async () => {
    const storage = memoryStorage({ run: 'torn' });
    const session = keptText('own', 'bench', storage);
    await session.setAside('torn');
    expect(await session.read()).toBeNull();
    const keys = await storage.keys();
    expect(keys).toHaveLength(1);
    expect(Object.values(await storage.read(keys))).toEqual(['torn']);
  });
});
