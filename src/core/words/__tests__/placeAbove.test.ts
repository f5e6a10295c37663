import { existsSync, readdirSync } from 'node:fs';
import { placeAbove } from '../placeAbove';

/** Every page of the app, ids filled in. */
const pages = (readdirSync('app', { recursive: true, encoding: 'utf8' }) as string[])
  .filter((file) => /^[^+_]*\.tsx$/.test(file))
  .map((file) => `/${file.replace(/(\/?index)?\.tsx$/, '').replace('[id]', 'some-id')}`);

const exists = (path: string) => ['', '/index'].some((rest) => existsSync(`app${path}${rest}.tsx`));

it('leads from every page to one that is there, and after a few steps to a place', () => {
  expect(pages.length).toBeGreaterThan(35);
  for (const page of pages) {
    let path: string = page;
    for (let steps = 0; steps < 4; steps++) {
      const above = placeAbove(path);
      if (above === null) break;
      expect(exists(above)).toBe(true);
      path = above;
    }
    expect(path.split('/')).toHaveLength(2);
  }
});

it('leads to the list a thing was opened from', () => {
  expect(placeAbove('/book/bike/b1')).toBe('/book/garage');
  expect(placeAbove('/book/trials/t1')).toBe('/book/trials');
  expect(placeAbove('/rides/r1')).toBe('/rides');
  expect(placeAbove('/book')).toBeNull();
  expect(placeAbove('/')).toBeNull();
});
