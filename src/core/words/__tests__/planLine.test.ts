import { agendaItem } from '@/test/agendaItem';
import type { DueKm } from '../../plan/agenda/request';
import type { RideAhead } from '../../plan/rides/occurrences';
import { spotlessChain } from '@/test/chains';
import { planLine, type JobLine } from '../planLine';

/** What Today says of the next job: one date for a job, and why where it is later than the verdict's. */
const TODAY = '2026-11-24';
const ride = (date: string, km: number, bikeId = 'b'): RideAhead => ({
  plannedId: date,
  bikeId,
  title: '',
  date,
  time: '07:00',
  at: Date.parse(`${date}T07:00:00Z`),
  end: Date.parse(`${date}T09:00:00Z`),
  km,
  hours: 2,
  surface: 'paved',
  weight: 'ordinary',
  assumed: false,
});
const RIDES = [ride('2026-11-25', 20), ride('2026-11-27', 40), ride('2026-12-01', 40)];
const DUE: DueKm = { lube: 330, dirt: 100, inside: false, quiet: true, rusts: false };
const line = (
  due: Partial<DueKm>,
  jobs: readonly ReturnType<typeof agendaItem>[],
  rides: readonly RideAhead[] = RIDES,
) =>
  words(
    planLine({
      bike: {
        bike: { id: 'b' } as never,
        state: spotlessChain(),
        due: { ...DUE, ...due },
      },
      jobs,
      rides,
      today: TODAY,
      zone: 'UTC',
      clock: '24',
    }),
  );
const words = ({ job, more }: Pick<JobLine, 'job' | 'more'>): string =>
  more === null ? job : `${job} ${more}`;
const THURSDAY = agendaItem({ afterKm: 20 });

describe('the line of the next job', () => {
  it('says when, what and by when to start, a quarter of an hour early rather than late', () => {
    expect(line({}, [THURSDAY])).toBe(
      'Nothing to do today. Planned Thursday: top up with House wet lube. Start by 18:30 and it is set by 07:00.',
    );
  });

  it('leaves the start of this evening’s coat to the line of the evening', () => {
    const tonight = {
      date: TODAY,
      from: Date.parse(`${TODAY}T18:00:00Z`),
      startBy: Date.parse(`${TODAY}T20:14:00Z`),
      readyBy: Date.parse('2026-11-25T07:00:00Z'),
      afterKm: 0,
    };
    expect(line({}, [agendaItem(tonight)])).not.toContain('Start');
    expect(line({}, [agendaItem({ ...tonight, lubeName: null })])).toContain(
      'Start by 20:00 and it is done by 07:00.',
    );
  });

  it('of today or of a chain that calls for work is not told that there is nothing to do', () => {
    expect(line({}, [agendaItem({ date: TODAY, afterKm: 0 })])).toMatch(/^Planned today: top up/);
    expect(
      line({ quiet: false, lube: 0 }, [agendaItem({ date: '2026-11-25', afterKm: 0 })]),
    ).toMatch(/^Planned tomorrow: top up/);
  });

  it('says that the plan goes past a clock, and why', () => {
    // The dirt is due after 30 km, on Friday's ride; the job comes on the second of December, after 100 km.
    const late = agendaItem({ date: '2026-12-02', afterKm: 100, startBy: null });
    expect(line({ dirt: 30 }, [late])).toBe(
      'Nothing to do today. Due Friday. Planned Wed 2 Dec: top up with House wet lube. The chain will be a bit dirty by then, but going sooner would cost more than it saves.',
    );
    expect(line({ dirt: 30 }, [{ ...late, noTimeBefore: true }])).toMatch(
      /Due Friday\. .* No evening before has the time\.$/,
    );
    expect(line({ dirt: 30 }, [{ ...late, pinned: true }])).toMatch(/You put it there\.$/);
    expect(line({ lube: 59, dirt: null }, [late])).toMatch(/Due Friday\. .* will run a bit dry/);
    expect(line({ lube: 61, dirt: null }, [late])).toMatch(/Due 1 December\. /);
    expect(line({ lube: 0, quiet: false }, [late])).toMatch(/^Due now\. Planned Wed 2 Dec/);
    // What is due now is ridden past by the first ride, on the same day already.
    const evening = agendaItem({ date: '2026-11-25', afterKm: 20, startBy: null });
    expect(line({ lube: 0, quiet: false }, [evening])).toMatch(/^Due now\. Planned tomorrow/);
  });

  it('names no other day where the job comes on the day it is due, or before', () => {
    expect(line({ dirt: 30 }, [agendaItem({ date: '2026-11-27', afterKm: 60 })])).not.toMatch(
      /Due/,
    );
    expect(line({ dirt: 30 }, [agendaItem({ date: '2026-11-26', afterKm: 20 })])).not.toMatch(
      /Due/,
    );
    // A clock that no ride to come reaches has no day.
    expect(line({ dirt: 400 }, [agendaItem({ date: '2026-12-02', afterKm: 100 })])).not.toMatch(
      /Due/,
    );
  });

  it('holds a clock against the job that answers it: a wipe does not lube, nor reach inside', () => {
    const wipe = agendaItem({ depth: 'wipe-down', lubeName: null, afterKm: 0, startBy: null });
    const later = agendaItem({ date: '2026-12-02', afterKm: 100 });
    expect(line({ lube: 30, dirt: 30 }, [wipe, later])).toMatch(
      /Planned Thursday: wipe the chain down\. Lube is due Friday, planned Wed 2 Dec\. The chain will run/,
    );
    expect(line({ lube: null, dirt: 30 }, [wipe, later])).not.toMatch(/due/i);
    expect(line({ lube: null, dirt: 30, inside: true }, [wipe, later])).not.toMatch(/due/i);
    const clean = agendaItem({ date: '2026-12-02', afterKm: 100, depth: 'on-bike clean' });
    expect(line({ lube: null, dirt: 30, inside: true }, [wipe, clean])).toMatch(
      /wipe the chain down\. Cleaning is due Friday, planned Wed 2 Dec\. The chain will be a bit dirty/,
    );
  });

  it('lets a parked bike wait, whatever its chain calls for', () => {
    const parked = [ride('2026-11-25', 20, 'another')];
    expect(line({ lube: 0, quiet: false }, [], parked)).toBe(
      'No ride is planned, so it can wait. Do it before you ride.',
    );
    expect(line({ lube: 0, quiet: false }, [agendaItem({ date: '2026-12-23' })], parked)).toBe(
      'No ride is planned, so it can wait. Planned Wed 23 Dec: top up with House wet lube. If you ride before, do it first.',
    );
    const undone = { lube: 0, quiet: false, rusts: true };
    expect(line(undone, [], parked)).toBe('No job is planned. Do it before you ride.');
    expect(line(undone, [])).toBe('No job is planned. Do it before you ride.');
    // Rust does not wait, nor what is planned for today.
    const today = agendaItem({ date: TODAY, afterKm: 0, startBy: null });
    expect(line({ lube: 0, quiet: false }, [today], parked)).toMatch(/^Planned today: /);
    expect(
      line({ lube: 0, quiet: false, rusts: true }, [{ ...THURSDAY, afterKm: 0 }], parked),
    ).toMatch(/^Planned Thursday: /);
    expect(line({}, [], parked)).toBe(
      'Nothing to do today. Plan a ride, or log a few weeks, and we say when.',
    );
    expect(line({}, [])).toBe('Nothing to do today. No job is due in the next weeks.');
  });
});
