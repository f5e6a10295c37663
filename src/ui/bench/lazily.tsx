import { lazy, Suspense, type ComponentProps, type ComponentType } from 'react';
import type * as bench from '.';

type Bench = typeof bench;

/** A piece of the bench, loaded when shown. */
function lazily<Name extends keyof Bench>(name: Name): ComponentType<ComponentProps<Bench[Name]>> {
  const Part = lazy(async () => ({ default: (await import('.'))[name] as ComponentType<object> }));
  return function Piece(props: ComponentProps<Bench[Name]>) {
    return (
      <Suspense fallback={null}>
        <Part {...props} />
      </Suspense>
    );
  };
}

export const BenchStart = lazily('BenchStart');
export const BenchSession = lazily('BenchSession');
export const CautionCard = lazily('CautionCard');
export const WorkCautions = lazily('WorkCautions');
export const NewChain = lazily('NewChain');
export const NewChainStart = lazily('NewChainStart');
export const NewChainCards = lazily('NewChainCards');
export const RoundCard = lazily('RoundCard');
