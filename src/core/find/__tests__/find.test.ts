import { Replay } from '@/core/care/replay/replay';
import { demoLogbook } from '@/core/demo/scenario';
import { allEvents } from '@/core/logbook/chunks';
import { Chance } from '@/core/chance/chance';
import { DEMO_NOW } from '@/test/demoPlan';
import { cases } from '@/test/cases';
import { METRIC } from '@/core/units/convert';
import { existsSync } from 'node:fs';
import { finderOf } from '../find';
import { fixedThings, thingsInGarage } from '../things';
import { thingsInLog } from '../log';
import { PAGES } from '../pages';

const demo = demoLogbook(DEMO_NOW, 'Europe/London');
const { steps } = new Replay(demo.garage, allEvents(demo.log));
const log = thingsInLog(steps, demo.garage, METRIC);
const things = [...fixedThings(), ...thingsInGarage(demo.garage), ...log];
const find = finderOf(things);

describe('finding', () => {
  it('finds each thing by its whole title, and opens it where it belongs', () => {
    const chance = new Chance(22);
    for (let n = 0; n < cases(150); n++) {
      const thing = chance.pick(things);
      const group = find(thing.title, 10_000).find(({ kind }) => kind === thing.kind);
      expect(group?.items.map(({ title }) => title)).toContain(thing.title);
    }
  });

  it('needs every word, in any order, by their beginnings', () => {
    const found = find('gravel 5 september 2026', 500);
    const rides = found.filter(({ kind }) => kind === 'ride' || kind === 'entry');
    const truth = log.filter(({ line, title, words }) => {
      const tokens = `${title} ${line} ${words}`.toLowerCase().split(/[^a-z0-9]+/);
      return ['gravel', '5', 'september', '2026'].every((w) => tokens.some((t) => t.startsWith(w)));
    });
    const count = rides.reduce((sum, group) => sum + group.count, 0);
    expect(count).toBe(truth.length);
    expect(find('gravel zebra')).toEqual([]);
  });

  it('forgives one letter from five on, and none before', () => {
    expect(find('jokey').map(({ items }) => items[0]?.title)).toContain('Jockey wheels');
    expect(find('waz')).toEqual([]);
  });

  it('finds words of the trade by other words for them', () => {
    const words = (typed: string) =>
      find(typed)
        .find(({ kind }) => kind === 'word')
        ?.items.map(({ title }) => title);
    expect(words('pulley')).toContain('Jockey wheels');
    expect(words('stretch')).toContain('Elongation');
    expect(words('joining link')).toContain('Quick link');
  });

  it('puts what it is called before what mentions it', () => {
    expect(find('stiff link').find(({ kind }) => kind === 'noise')?.items[0]?.title).toBe(
      'Stiff link',
    );
  });

  it('shows rides newest first', () => {
    const found = find('racer september', 500).find(({ kind }) => kind === 'ride')!.items;
    const days = found.map(({ id }) => steps.find(({ event }) => event.id === id)!.event.at);
    expect(days.length).toBeGreaterThan(5);
    expect([...days].sort().reverse()).toEqual(days);
  });

  it('counts all and shows the best', () => {
    const rides = find('commuter').find(({ kind }) => kind === 'ride')!;
    expect(rides.count).toBeGreaterThan(6);
    expect(rides.items).toHaveLength(6);
    expect(find('commuter', 1000).find(({ kind }) => kind === 'ride')!.items).toHaveLength(
      rides.count,
    );
  });

  it('has no two things of one name, and each page is there', () => {
    expect(new Set(things.map(({ id }) => id)).size).toBe(things.length);
    for (const [path] of PAGES)
      expect(
        ['', '/index'].some((rest) => existsSync(`app${path === '/' ? '' : path}${rest}.tsx`)),
      ).toBe(true);
  });
});
