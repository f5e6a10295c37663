import { bikeOf } from '@/core/care/replay/bookState';
import type { Replay } from '@/core/care/replay/replay';
import type { Bike, Chain } from '@/core/records/garage';
import type { NewChainFields } from '@/core/entry/newChain';
import type { Boxed } from '@/core/records/benchRun';
import type { LubeClass } from '@/core/lube/classes';
import type { ShelfRow } from '@/core/shelf/rows';
import type { Product } from '@/core/records/product';
import type { Edge } from '../edge';
import type { AppThunk } from '../store';
import { selectReplay } from '../selectors';
import { written, type Written } from './written';
import { perform, record, type NewEvent } from './perform';

/** Adds a bike or changes the one of its id. `opened`: as it was when the rider began to change it. */
export const saveBike =
  (label: string, bike: Written<Bike>, opened: Bike | null = null): AppThunk =>
  (dispatch, getState, edge) => {
    const { bikes } = getState().logbook.garage;
    dispatch(perform(label, { bikes: [written(bike, bikes, opened, edge)] }));
  };

/** Adds a chain or changes the one of its id; `opened` as for a bike. */
export const saveChain =
  (label: string, chain: Written<Chain>, opened: Chain | null = null): AppThunk =>
  (dispatch, getState, edge) => {
    const { chains } = getState().logbook.garage;
    dispatch(perform(label, { chains: [written(chain, chains, opened, edge)] }));
  };

/** Puts a product on the shelf, or changes the one of its id; `opened` as for a bike. */
export const saveProduct =
  (
    label: string,
    product: Omit<Product, 'changedAt' | 'id'> & { id?: string },
    opened: Product | null = null,
  ): AppThunk =>
  (dispatch, getState, edge) => {
    const { products } = getState().logbook.garage;
    const named = { ...product, id: product.id ?? edge.newId() };
    dispatch(perform(label, { products: [written(named, products, opened, edge)] }));
  };

/** Counts a product anew, less an amount that came off it for something the log does not tell. */
export const takeOff =
  ({ product, stock }: ShelfRow, amount: number): AppThunk =>
  (dispatch, _, edge) => {
    const left = Math.max(0, stock.left - amount);
    const leftAt = new Date(edge.now()).toISOString();
    dispatch(saveProduct(`Taken off ${product.name}`, { ...product, left, leftAt }));
  };

/** What is said of a new chain as it goes on. */
export interface NewChainFit {
  chain: NewChainFields;
  lube: LubeClass | null;
  /** Whether the chain that comes off stays in the garage, as a spare. */
  keepsOld: boolean;
}

/** A new chain as it will stand in the garage, named after its bike and how many it had. */
export const boxedChain = (
  bike: Bike,
  { links, speeds, closure, openingsAllowed, directional, price }: NewChainFields,
  { steps }: Replay,
  { newId, now }: Pick<Edge, 'newId' | 'now'>,
): Chain => {
  const fits = steps.flatMap(({ event }) =>
    event.type === 'chainFitted' && event.bikeId === bike.id ? event.chainId : [],
  );
  return {
    ...{ links, speeds, closure, openingsAllowed, directional, price },
    id: newId(),
    name: `${bike.name} chain ${new Set(fits).size + 1}`,
    retired: false,
    changedAt: new Date(now()).toISOString(),
  };
};

/** Puts a new chain on a bike, as one step. The old one comes off. */
export const fitNewChain =
  (bike: Bike, { chain: fields, lube, keepsOld }: NewChainFit): AppThunk =>
  (dispatch, getState, edge) => {
    const { wearPercent } = fields;
    const { replay } = selectReplay(getState());
    const chain = boxedChain(bike, fields, replay, edge);
    const replaces = replay.book.fitted.get(bike.id) ?? null;
    const start = { lube, look: 'clean', kmSinceLube: 0, kmBefore: 0, wearPercent } as const;
    const at = chain.changedAt;
    dispatch(
      fitBoxed({ bikeId: bike.id, chain, replaces, keepsOld }, [
        { type: 'chainFitted', at, bikeId: bike.id, chainId: chain.id, start },
      ]),
    );
  };

/** Puts a chain out of its box into the garage with the events of its fitting, as one step; none: it was not fitted. */
export const fitBoxed =
  ({ chain, replaces, keepsOld }: Boxed, events: NewEvent[]): AppThunk =>
  (dispatch, getState, edge) => {
    if (events.length === 0) return;
    const changedAt = new Date(edge.now()).toISOString();
    const old = getState().logbook.garage.chains[replaces ?? ''];
    const retired = old && !keepsOld ? [{ ...old, retired: true, changedAt }] : [];
    dispatch(record('New chain fitted', events, { chains: [{ ...chain, changedAt }, ...retired] }));
  };

/** Takes a bike out of use; the chain on it comes off, so that it can go elsewhere. */
export const retireBike =
  (bike: Bike): AppThunk =>
  (dispatch, getState, edge) => {
    const at = new Date(edge.now()).toISOString();
    const chainId = selectReplay(getState()).replay.book.fitted.get(bike.id);
    const off: NewEvent[] = chainId ? [{ type: 'chainRemoved', at, chainId }] : [];
    const bikes = [{ ...bike, retired: true, changedAt: at }];
    dispatch(record(`${bike.name} removed`, off, { bikes }));
  };

/** Takes a chain out of use, off its bike if it is on one. */
export const retireChain =
  (chain: Chain): AppThunk =>
  (dispatch, getState, edge) => {
    const at = new Date(edge.now()).toISOString();
    const on = bikeOf(selectReplay(getState()).replay.book, chain.id);
    const off: NewEvent[] = on ? [{ type: 'chainRemoved', at, chainId: chain.id }] : [];
    const chains = [{ ...chain, retired: true, changedAt: at }];
    dispatch(record(`${chain.name} removed`, off, { chains }));
  };
