import type { Bike, Part } from '@/core/records/garage';
import type { PartEnd } from '@/core/records/kinds';
import type { PartStart } from '@/core/records/event';
import type { AppThunk } from '../store';
import { perform, record, type NewEvent } from './perform';
import { written } from './written';

/** A part that is new to the log, on its bike as one step. */
export const fitNewPart =
  (
    fields: Pick<Part, 'name' | 'kind' | 'price'>,
    bike: Bike,
    at: string,
    start: PartStart,
  ): AppThunk =>
  (dispatch, _, edge) => {
    const changedAt = new Date(edge.now()).toISOString();
    const part: Part = { ...fields, id: edge.newId(), end: null, retired: false, changedAt };
    const fit = { type: 'partFitted', at, partId: part.id, bikeId: bike.id, start } as const;
    dispatch(record(`${part.name} fitted`, [fit], { parts: [part] }));
  };

/** Gives a part another name or price. `opened`: as it was when the rider began to change it. */
export const savePart =
  (part: Part, opened: Part): AppThunk =>
  (dispatch, getState, edge) => {
    const { parts } = getState().logbook.garage;
    dispatch(perform(`${part.name} changed`, { parts: [written(part, parts, opened, edge)] }));
  };

/** Moves a part the log knows onto a bike; off another it is on. */
export const fitPart =
  (part: Part, bike: Bike): AppThunk =>
  (dispatch, _, edge) => {
    const at = new Date(edge.now()).toISOString();
    const fit = { type: 'partFitted', at, partId: part.id, bikeId: bike.id, start: null } as const;
    dispatch(record(`${part.name} fitted`, [fit]));
  };

const off = (partId: string, bikeId: string | null, at: string): NewEvent[] =>
  bikeId === null ? [] : [{ type: 'partRemoved', at, partId, bikeId }];

/** Takes a part off its bike, into the spare box. */
export const takePartOff =
  (part: Part, bikeId: string): AppThunk =>
  (dispatch, _, edge) => {
    const at = new Date(edge.now()).toISOString();
    dispatch(record(`${part.name} taken off`, off(part.id, bikeId, at)));
  };

const ENDED: Record<PartEnd, string> = { 'worn out': 'is worn out', sold: 'is sold' };

/** A part is gone for good, off its bike if it is on one. What the log says of it stays. */
export const endPart =
  (part: Part, bikeId: string | null, end: PartEnd): AppThunk =>
  (dispatch, _, edge) => {
    const at = new Date(edge.now()).toISOString();
    const parts = [{ ...part, end, retired: true, changedAt: at }];
    dispatch(record(`${part.name} ${ENDED[end]}`, off(part.id, bikeId, at), { parts }));
  };
