import { renderHook } from '@testing-library/react';
import { useWithPlace } from '../useWithPlace';

const shown = (...steps: readonly (readonly [boolean, string])[]): boolean[] => {
  const [first, ...rest] = steps;
  const { result, rerender } = renderHook(([wanted, path]) => useWithPlace(wanted, path), {
    initialProps: first as readonly [boolean, string],
  });
  return [
    result.current,
    ...rest.map((step) => {
      rerender(step);
      return result.current;
    }),
  ];
};

it('comes with the next place, not under a finger', () => {
  expect(shown([false, '/'], [true, '/'], [true, '/rides'], [true, '/rides'])).toEqual([
    false,
    false,
    true,
    true,
  ]);
});

it('waits for a change of place where it is wanted from the first', () => {
  expect(shown([true, '/'], [true, '/plan'])).toEqual([false, true]);
});

it('goes at once, and comes back with another place', () => {
  expect(
    shown(
      [false, '/'],
      [true, '/rides'],
      [false, '/rides'],
      [false, '/'],
      [true, '/'],
      [true, '/plan'],
    ),
  ).toEqual([false, true, false, false, false, true]);
});
