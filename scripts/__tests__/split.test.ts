import { atHand, depsOf, needed, routeIn, scriptOf, textOf } from '../split/modules.mjs';

const written = (id: number, deps: string, code = 'r(d[0])') =>
  `__d(function(g,r,i,a,m,e,d){${code}},${id},${deps});`;

/** As Metro writes it: a table of routes that are loaded later, one module with a text of two lines, and what is run. */
const TEXT = [
  written(
    0,
    '{"0":1,"1":2,"2":3,"3":4,"paths":{"3":"/js/_layout-a.js","4":"/js/index-b.js"}}',
    `t={"./_layout.tsx":{enumerable:!0,get:()=>r$(d1[1])(d1[2],d1.paths)},"./index.tsx":{enumerable:!0,get:()=>r$(d1[1])(d1[3],d1.paths)}}`,
  ),
  written(1, '[2,5]', 'e.text=`two\nlines`'),
  written(2, '[1]'),
  written(5, '[]'),
  written(6, '[5]'),
  '__r(7);',
  '__r(0);',
].join('\n');

const { modules, run } = scriptOf(TEXT)!;
const idsOf = (of: Iterable<{ id: number }>) => [...of].map(({ id }) => id).sort();

it('a script is read into its modules and what it runs, and written as it was', () => {
  expect(idsOf(modules)).toEqual([0, 1, 2, 5, 6]);
  expect(run).toEqual(['__r(7);', '__r(0);']);
  expect(textOf({ modules, run })).toBe(TEXT);
  expect(scriptOf('var x=1;\n__d(function(){},0,[]);')).toBeNull();
});

it('what is loaded later is not needed at once; circles end', () => {
  expect(depsOf([modules[0]!])).toEqual([1, 2]);
  expect(idsOf(needed([0], modules))).toEqual([0, 1, 2, 5]);
  expect(idsOf(needed([6, 99], modules))).toEqual([5, 6]);
});

it('a route at hand is found in the table at once, the others are still loaded', () => {
  const { table, id, script } = routeIn(modules, './_layout.tsx');
  expect([table.id, id, script]).toEqual([0, '3', '_layout-a.js']);
  const now = atHand(table, './_layout.tsx', id);
  expect(now.deps).toEqual([1, 2, 3]);
  expect(now.paths).toEqual({ 4: '/js/index-b.js' });
  expect(now.code).toContain('"./_layout.tsx":{enumerable:!0,get:()=>r$(d1[2])}');
  expect(now.code).toContain('"./index.tsx":{enumerable:!0,get:()=>r$(d1[1])(d1[3],d1.paths)}');
  const both = atHand(now, './index.tsx', '4');
  expect([both.deps, both.paths]).toEqual([[1, 2, 3, 4], {}]);
});

it('a route that the build lacks stops it', () => {
  expect(() => routeIn(modules, './gone.tsx')).toThrow('no route “./gone.tsx”');
});
