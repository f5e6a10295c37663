import { copyState, setState } from '../model/copyState';
import { NEW_CHAIN, startState, type ChainState } from '../model/state';

/** A state of which no reading is that of another. */
const distinct = (from: number): ChainState =>
  Object.fromEntries(
    Object.keys(startState(NEW_CHAIN, 0)).map((key, n) => [key, `${from}-${n}`]),
  ) as unknown as ChainState;

describe('a state copied', () => {
  it('has every reading, and is one of its own', () => {
    const state = distinct(1);
    const copy = copyState(state);
    expect(copy).toEqual(state);
    copy.film = 0.5;
    expect(state).toEqual(distinct(1));
  });

  it('in place has every reading of the other', () => {
    const state = distinct(1);
    setState(state, distinct(2));
    expect(state).toEqual(distinct(2));
  });
});
