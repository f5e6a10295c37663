import { pageLoader, type RouteModule } from '../pageLoader';

/** A table of routes that tells what was asked of it. */
function tableOf(modules: Record<string, () => RouteModule | Promise<RouteModule>>) {
  const asked: string[] = [];
  const table = (file: string) => {
    asked.push(file);
    return modules[file]?.() ?? {};
  };
  return { asked, load: pageLoader(Object.assign(table, { keys: () => Object.keys(modules) })) };
}

const page = () => ({});

describe('loading a page before it is gone to', () => {
  it.each([
    ['/', './index.tsx'],
    ['/rides', './rides/index.tsx'],
    ['/rides/', './rides/index.tsx'],
    ['/rides/log?bike=b1', './rides/log.tsx'],
    ['/rides/e7#note', './rides/[id].tsx'],
    ['/book/wear/c1', './book/wear/[id].tsx'],
  ])('of %s loads %s', async (path, file) => {
    const files = [
      './index.tsx',
      './rides/index.tsx',
      './rides/log.tsx',
      './rides/[id].tsx',
      './book/wear/[id].tsx',
    ];
    const { asked, load } = tableOf(Object.fromEntries(files.map((name) => [name, page])));
    await load(path);
    expect(asked).toEqual([file]);
  });

  it('loads what the page shows first too, and all of it once', async () => {
    const pieces = jest.fn(() => Promise.resolve());
    const { asked, load } = tableOf({ './bench/index.tsx': () => Promise.resolve({ pieces }) });
    await Promise.all([load('/bench'), load('/bench?chain=c1')]);
    await load('/bench');
    expect(asked).toHaveLength(1);
    expect(pieces).toHaveBeenCalledTimes(1);
  });

  it('has nothing to load where no route fits', () => {
    expect(tableOf({ './index.tsx': page }).load('/nowhere')).toBeNull();
  });

  it('asks again for what could not be loaded', async () => {
    const answers = [Promise.reject(new Error('offline')), Promise.resolve({})];
    const { asked, load } = tableOf({ './find.tsx': () => answers[asked.length - 1] ?? {} });
    await expect(load('/find')).rejects.toThrow('offline');
    await expect(load('/find')).resolves.toBeUndefined();
  });
});
