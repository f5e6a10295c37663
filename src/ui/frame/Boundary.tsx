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
  /** The router may still fall back to the place before, because the page that stumbled is gone. */
  settling: boolean;
}

/** By then the router has fallen back, if it does. */
const SETTLED_AFTER_MS = 1000;

/** Holds an error of one page, so that the frame, the other places and the logbook stay. */
export class Boundary extends Component<Props, State> {
  override state: State = { error: null, place: this.props.place, settling: false };
  private timer: ReturnType<typeof setTimeout> | undefined;

  static getDerivedStateFromError(error: unknown): Partial<State> {
    return { error: error instanceof Error ? error : new Error(String(error)), settling: true };
  }

  static getDerivedStateFromProps({ place }: Props, state: State): Partial<State> | null {
    if (place === state.place) return null;
    return state.settling ? { place, settling: false } : { error: null, place };
  }

  override componentDidCatch(): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.setState({ settling: false }), SETTLED_AFTER_MS);
  }

  override componentWillUnmount(): void {
    clearTimeout(this.timer);
  }

  override render(): ReactNode {
    const { error } = this.state;
    return error
      ? this.props.instead(error, () => this.setState({ error: null, settling: false }))
      : this.props.children;
  }
}
