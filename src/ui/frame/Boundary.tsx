import { Component, type ReactNode } from 'react';

interface Props {
  /** Another place begins without the error. */
  place: string;
  /** What is shown instead, with the way to try again. */
  instead: (error: Error, again: () => void) => ReactNode;
  children: ReactNode;
}

interface State {
  error: Error | null;
  place: string;
}

/** Holds an error of one page, so that the frame, the other places and the logbook stay. */
export class Boundary extends Component<Props, State> {
  override state: State = { error: null, place: this.props.place };

  static getDerivedStateFromError(error: unknown): Partial<State> {
    return { error: error instanceof Error ? error : new Error(String(error)) };
  }

  static getDerivedStateFromProps({ place }: Props, state: State): Partial<State> | null {
    return place === state.place ? null : { error: null, place };
  }

  override render(): ReactNode {
    const { error } = this.state;
    return error
      ? this.props.instead(error, () => this.setState({ error: null }))
      : this.props.children;
  }
}
