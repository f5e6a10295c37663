import { gearsLine } from '../gears';

it('says the gears a ride was ridden in most, and nothing where nothing was recorded', () => {
  const gears: [number, number, number][] = [
    [50, 19, 30],
    [34, 25, 2],
    [50, 17, 75.4],
    [50, 15, 12],
  ];
  expect(gearsLine(gears)).toBe('Mostly on 50×17 (1 h 15 min), 50×19 (30 min), 50×15 (12 min)');
  expect(gearsLine([])).toBeNull();
  expect(gearsLine(undefined)).toBeNull();
});
