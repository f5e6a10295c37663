import { IMPERIAL, METRIC } from '@/core/units/convert';
import { FROZEN_VERSIONS, storedAs } from '@/test/storedLogbooks';
import type { LogEvent } from '../../records/event';
import { likelyVersions, readEvent, readGarage, readSettings } from '../reading';
import { migrate } from '../migrate';
import { CURRENT_VERSION, LOGBOOK_VERSIONS } from '../versions';

const parts = (version: number) => {
  const { garage, settings, ...rest } = storedAs(version);
  const months = Object.entries(rest).filter(([key]) => key.startsWith('log/'));
  return {
    garage: JSON.parse(garage!) as Record<string, Record<string, object>>,
    settings: JSON.parse(settings!) as object,
    events: months.flatMap(([, text]) => JSON.parse(text) as LogEvent[]),
  };
};

const UNITS_OF = { metric: METRIC, imperial: IMPERIAL };

describe.each(FROZEN_VERSIONS)('a logbook of version %i', (version) => {
  const { garage, settings, events } = parts(version);

  it.each([version, undefined, 0, 99, 'seven', 1.5])(
    'is read whole, its stamp being %p',
    (stamp) => {
      const readBikes = readGarage(garage, stamp)!;
      expect(readBikes.refused).toEqual([]);
      for (const [kind, records] of Object.entries(garage))
        expect(readBikes.garage[kind as 'bikes']).toMatchObject(records);
      const { units, stamps, ...others } = settings as { units: 'metric'; stamps?: object };
      expect(readSettings(settings, stamp)).toMatchObject({
        refused: [],
        settings: { ...others, units: UNITS_OF[units] },
      });
      expect(Object.keys(readSettings(settings, stamp)!.settings.stamps ?? {})).toHaveLength(
        stamps && 'units' in stamps
          ? Object.keys(stamps).length + 4
          : Object.keys(stamps ?? {}).length,
      );
      for (const event of events) expect(readEvent(event, stamp)).toMatchObject(event);
    },
  );

  it('is not read as today’s, where it lacks something', () => {
    const asToday = migrate('settings', settings, CURRENT_VERSION);
    expect(asToday).toBe(settings);
    if (version < LOGBOOK_VERSIONS.plan)
      expect(readSettings(settings, CURRENT_VERSION)?.missing).toBe(0);
  });
});

describe('the versions a piece may be of', () => {
  it('are its stamp, today’s, then from the oldest on, each once', () => {
    expect(likelyVersions(3)).toEqual([
      3, 18, 1, 2, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17,
    ]);
    expect(likelyVersions(18)).toEqual([
      18, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17,
    ]);
    for (const absurd of [undefined, null, 0, 19, -1, '3', NaN])
      expect(likelyVersions(absurd)).toEqual([
        18, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17,
      ]);
  });

  it('do not make an event of what is none', () => {
    for (const none of [null, 3, 'x', [], {}, { type: 'rideLogged', id: 'a' }])
      expect(readEvent(none, undefined)).toBeNull();
  });

  it('do not make a garage or settings of what is none', () => {
    for (const none of [null, 3, 'x', []]) {
      expect(readGarage(none, undefined)).toBeNull();
      expect(readSettings(none, undefined)).toBeNull();
    }
  });
});
