import { lazy, Suspense, type ComponentType } from 'react';

/** What a component is shown with. */
type PropsOf<Part> = Part extends (props: infer Props extends object) => unknown ? Props : never;

/** Of a group of components that is loaded as one piece, each by its name, loaded when shown. */
export const lazilyFrom =
  <Group extends object>(load: () => Promise<Group>) =>
  <Name extends keyof Group>(name: Name): ComponentType<PropsOf<Group[Name]>> => {
    const Part = lazy(async () => ({ default: (await load())[name] as ComponentType<object> }));
    return function Piece(props: PropsOf<Group[Name]>) {
      return (
        <Suspense fallback={null}>
          <Part {...props} />
        </Suspense>
      );
    };
  };
