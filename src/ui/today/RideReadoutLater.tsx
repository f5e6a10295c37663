import { lazy, Suspense } from 'react';
import type { StepInFull } from '@/core/care/replay/step';
import { Txt } from '../theme/Txt';
import type { ReadoutProps } from './RideReadout';

const Part = lazy(() => import('./RideReadout'));

interface Props extends Omit<ReadoutProps, 'step'> {
  step: StepInFull | undefined;
}

/** The stitch that was tapped, loaded with the first tap; before that, how to. */
export const RideReadout = ({ step, ...rest }: Props) =>
  step ? (
    <Suspense fallback={null}>
      <Part step={step} {...rest} />
    </Suspense>
  ) : (
    <Txt variant="small" tone="inkSoft">
      Drag the tape; tap a stitch to read that ride.
    </Txt>
  );
