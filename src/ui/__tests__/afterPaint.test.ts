/** @jest-environment jsdom */
import { afterPaint } from '../afterPaint';

describe('what waits for the answer to a tap', () => {
  it('is done once, after a paint', async () => {
    const save = jest.fn();
    afterPaint(save);
    expect(save).not.toHaveBeenCalled();
    await new Promise((done) => setTimeout(done, 100));
    window.dispatchEvent(new Event('pagehide'));
    expect(save).toHaveBeenCalledTimes(1);
  });

  it.each([
    ['the page is left', () => window.dispatchEvent(new Event('pagehide'))],
    ['the tab is hidden', () => document.dispatchEvent(new Event('visibilitychange'))],
  ])('is done at once, before the logbook writes, where %s', async (_, leave) => {
    const order: string[] = [];
    const write = () => order.push('written');
    window.addEventListener('pagehide', write, { once: true });
    document.addEventListener('visibilitychange', write, { once: true });
    afterPaint(() => order.push('changed'));
    leave();
    await new Promise((done) => setTimeout(done, 100));
    expect(order).toEqual(['changed', 'written']);
  });
});
