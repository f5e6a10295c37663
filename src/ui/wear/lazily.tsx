import { lazy, Suspense, type ComponentProps, type ComponentType } from 'react';
import type * as wear from '.';

type Wear = typeof wear;

/** A part of measuring wear, loaded when shown. */
function lazily<Name extends keyof Wear>(name: Name): ComponentType<ComponentProps<Wear[Name]>> {
  const Part = lazy(async () => ({ default: (await import('.'))[name] as ComponentType<object> }));
  return function Form(props: ComponentProps<Wear[Name]>) {
    return (
      <Suspense fallback={null}>
        <Part {...props} />
      </Suspense>
    );
  };
}

export const MeasureForm = lazily('MeasureForm');
export const WearCard = lazily('WearCard');
export const SwapChains = lazily('SwapChains');
export const ServiceHistory = lazily('ServiceHistory');
