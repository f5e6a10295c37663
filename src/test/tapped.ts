import { act, fireEvent } from '@testing-library/react';
import { afterPaint } from '@/ui/afterPaint';

/** Taps something, and waits until what the tap leads to is done: it is answered by a paint first. */
export const tapped = (element: HTMLElement): Promise<void> =>
  act(async () => {
    fireEvent.click(element);
    await new Promise<void>((done) => afterPaint(done));
  });
