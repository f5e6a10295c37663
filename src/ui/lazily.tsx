import { lazy, Suspense, type ComponentType } from 'react';

/** What a component is shown with. */
type PropsOf<Part> = Part extends (props: infer Props extends object) => unknown ? Props : never;

/** Of a group of components that is loaded as one piece, each by its name, loaded when shown. */
export const lazilyFrom =
  <Group extends object>(load: () => Promise<Group>) =>
  <Name extends keyof Group>(name: Name): ComponentType<PropsOf<Group[Name]>> => {
    const Part = lazy(() =>
      loaded(load(), (group) => ({ default: group[name] as ComponentType<object> })),
    );
    return function Piece(props: PropsOf<Group[Name]>) {
      return (
        <Suspense fallback={null}>
          <Part {...props} />
        </Suspense>
      );
    };
  };

/** Expo's import tells what it leads to where that is there already. */
type Loading<Group> = Promise<Group> & { _result?: Group | Promise<Group> };

/** What is loaded, at once where it is there: React then draws it without a placeholder before. */
function loaded<Group extends object, Made>(loading: Loading<Group>, made: (group: Group) => Made) {
  const there = loading._result;
  if (!there || 'then' in there) return loading.then(made);
  return { then: (take: (made: Made) => void) => take(made(there as Group)) } as Promise<Made>;
}
