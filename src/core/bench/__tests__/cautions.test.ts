import { PRESETS } from '@/core/garage/presets';
import type { Bike, Chain } from '@/core/records/garage';
import { CLEAN_METHODS } from '@/core/records/kinds';
import { TEST_GARAGE } from '@/test/arbitraries';
import { cautionsFor } from '../cautions';
import { sayCaution } from '../../words/cautions';

const common = { id: 'b', name: 'B', retired: false, changedAt: '2026-01-01T00:00:00.000Z' };
const bike = (more: Partial<Bike> = {}): Bike => ({ ...PRESETS.road.specs, ...common, ...more });
const chain = TEST_GARAGE.chains.c1 as Chain;

describe('cautions', () => {
  it('a bike whose cranks drive the wheel is never told to hold a rag on the run', () => {
    for (const method of CLEAN_METHODS)
      for (const drive of ['fixed', 'coaster'] as const) {
        const names = cautionsFor(method, true, bike({ drive }), chain);
        expect(names).not.toContain('fingers');
      }
    expect(cautionsFor('dry wipe', false, bike({ drive: 'fixed' }), chain)).toContain(
      'driven cranks',
    );
  });

  it('an e-bike starts with motor off and battery out', () => {
    for (const method of CLEAN_METHODS)
      expect(cautionsFor(method, true, bike({ ebike: true }), chain)[0]).toBe('motor');
  });

  it.each(['solvent wipe', 'brush', 'scrubber', 'baths', 'soak', 'strip'] as const)(
    '%s comes with gloves, air and waste',
    (method) => {
      expect(cautionsFor(method, false, bike(), chain)).toEqual(
        expect.arrayContaining(['solvent', 'waste']),
      );
    },
  );

  it('discs are guarded when something oily or sharp is near them, rims are not', () => {
    expect(cautionsFor('scrubber', true, bike({ brake: 'disc, cable' }), chain)).toContain('rotor');
    expect(cautionsFor('scrubber', true, bike({ brake: 'rim' }), chain)).not.toContain('rotor');
    expect(cautionsFor('dry wipe', false, bike(), chain)).not.toContain('rotor');
  });

  it('a chain that closes once is said to before it is opened', () => {
    const once = { ...chain, closure: 'single-use link' as const };
    expect(cautionsFor('baths', true, bike(), once)).toContain('closes once');
    expect(cautionsFor('baths', true, bike(), chain)).not.toContain('closes once');
    expect(cautionsFor('brush', true, bike(), once)).not.toContain('closes once');
  });

  it('hot wax has its own, and each has a sentence', () => {
    const names = cautionsFor('wax reset', true, bike(), chain);
    expect(names).toContain('hot wax');
    for (const name of names) expect(sayCaution(name)).toMatch(/\.$/);
  });
});
