import { withRoom } from '../chalks';

const labels = (xs: number[], ring: { x: number; beyond: boolean } | null) =>
  withRoom(
    xs.map((x) => ({ x, label: 'wipe' })),
    ring,
  ).map(({ label }) => label);

it('writes what is planned where the mark before leaves room', () => {
  expect(labels([10, 95, 190, 281], null)).toEqual(['wipe', '', 'wipe', 'wipe']);
});

it('leaves out the words that would stand in the ring where lube runs low', () => {
  const ring = { x: 200, beyond: false };
  expect(labels([157], ring)).toEqual(['wipe']);
  expect(labels([159], ring)).toEqual(['']);
  expect(labels([241], ring)).toEqual(['']);
  expect(labels([243], ring)).toEqual(['wipe']);
  expect(labels([200], { x: 200, beyond: true })).toEqual(['wipe']);
});
