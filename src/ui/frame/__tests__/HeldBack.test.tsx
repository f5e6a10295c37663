import { act, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { Text } from 'react-native';
import { HeldBack } from '../HeldBack';

let made = 0;
/** A page with a memory of its own: whether it is the same is told by the number it was made with. */
function Here() {
  const [n] = useState(() => ++made);
  return <Text>{`page ${n}`}</Text>;
}

const onWaiting = jest.fn();
const heldBack = (phase: 'opening' | 'looking' | 'open', path: string) => (
  <HeldBack phase={phase} path={path} onWaiting={onWaiting}>
    <Here />
  </HeldBack>
);

/** The page that is seen, null where it is hidden or there is none. */
function seen(): string | null {
  const page = screen.queryByText(/^page/);
  return page?.closest('[style*="display: none"]') ? null : (page?.textContent ?? null);
}

/** Shows it in one place after the other, each until it has settled. */
async function goes(...steps: Parameters<typeof heldBack>[]): Promise<void> {
  const { rerender } = render(null);
  for (const step of steps) await act(async () => rerender(heldBack(...step)));
}

beforeEach(() => {
  made = 0;
  onWaiting.mockClear();
});

it('shows no page before anything is read, and waits for nothing more', async () => {
  await goes(['opening', '/']);
  expect(seen()).toBeNull();
  expect(onWaiting).not.toHaveBeenCalled();
});

it.each(['/', '/rides', '/rides/log', '/rides/0a1b'])(
  'shows %s while the rest is still read',
  async (path) => {
    await goes(['opening', path], ['looking', path]);
    expect(seen()).toBe('page 1');
    expect(onWaiting).not.toHaveBeenCalled();
  },
);

it.each(['/book', '/bench', '/shelf', '/plan', '/rides/import', '/rides/arrived', '/ridesx'])(
  'holds %s back until all is read, and hurries',
  async (path) => {
    await goes(['opening', path], ['looking', path]);
    expect(seen()).toBeNull();
    expect(onWaiting).toHaveBeenCalledTimes(1);
  },
);

it('hides a page that stood', async () => {
  await goes(['looking', '/'], ['looking', '/book']);
  expect(seen()).toBeNull();
  expect(onWaiting).toHaveBeenCalledTimes(1);
});

it('shows the same page again once all is read', async () => {
  await goes(['looking', '/'], ['looking', '/book'], ['open', '/book']);
  expect(seen()).toBe('page 1');
});
