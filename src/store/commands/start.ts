import type { Written } from '@/core/settings/regional';
import type { Bike, Chain } from '@/core/records/garage';
import type { BikeSpecs } from '@/core/garage/presets';
import type { ChainStart } from '@/core/records/event';
import type { AppThunk } from '../store';
import { record } from './perform';

/** A first bike with its chain on it, as one step: what stands between nothing and a verdict. */
export const startWithBike =
  (
    preset: { name: string; links: number; specs: BikeSpecs },
    start: ChainStart,
    written: Partial<Written> = {},
  ): AppThunk =>
  (dispatch, getState, edge) => {
    const now = new Date(edge.now()).toISOString();
    const common = { retired: false, changedAt: now };
    const bike: Bike = { ...preset.specs, ...common, id: edge.newId(), name: preset.name };
    const chain: Chain = {
      ...common,
      id: edge.newId(),
      name: `${preset.name} chain`,
      links: preset.links,
      speeds: preset.specs.speeds,
      closure: 'not known',
      openingsAllowed: null,
      directional: false,
      price: null,
    };
    dispatch(
      record(
        `${bike.name} added`,
        [{ type: 'chainFitted', at: now, bikeId: bike.id, chainId: chain.id, start }],
        {
          bikes: [bike],
          chains: [chain],
          settings: { ...getState().logbook.settings, ...written, changedAt: now },
        },
      ),
    );
  };
