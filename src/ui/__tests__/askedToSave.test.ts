/** @jest-environment jsdom */
import { askToSave, isAskedToSave, watchAskedToSave } from '../askedToSave';

it('tells of a save from the tap until what keeps the logbook can tell of it', async () => {
  const heard: boolean[] = [];
  const unwatch = watchAskedToSave(() => heard.push(isAskedToSave()));
  askToSave.begin();
  askToSave.begin();
  expect(isAskedToSave()).toBe(true);
  askToSave.end();
  // Not in the same turn: the one who keeps it begins a moment later.
  expect(isAskedToSave()).toBe(true);
  await new Promise((done) => setTimeout(done, 5));
  expect(isAskedToSave()).toBe(true);
  askToSave.end();
  expect(isAskedToSave()).toBe(true);
  await new Promise((done) => setTimeout(done, 5));
  expect(isAskedToSave()).toBe(false);
  unwatch();
  expect(heard).toEqual([true, true, true, false]);
});
