import { tapped } from '@/test/tapped';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { startState } from '@/core/care/model/state';
import { PRESETS } from '@/core/garage/presets';
import { DEFAULT_SCHOOLS } from '@/core/lube/schools';
import { TEST_GARAGE } from '@/test/arbitraries';
import { STORAGE_AIR } from '@/core/weather/drying';
import { proposedDraft } from '../proposedDraft';
import { WorkForm } from '../WorkForm';

const now = Date.parse('2026-05-10T12:00:00.000Z');
const state = startState(
  { lube: 'dry', kmSinceLube: 120, look: 'used', kmBefore: 900, wearPercent: null },
  now,
);

function open(
  more: { drive?: 'fixed' } = {},
  trial: Parameters<typeof WorkForm>[0]['trial'] = null,
) {
  const onSave = jest.fn();
  const bike = { ...TEST_GARAGE.bikes.b1!, ...PRESETS.road.specs, ...more };
  render(
    <WorkForm
      initial={proposedDraft('c1', null, 'dry', now)}
      chains={Object.values(TEST_GARAGE.chains)}
      before={() => ({ state, cogs: 0.2, air: STORAGE_AIR.shed })}
      usualLube="all-weather"
      products={{}}
      coatMl={() => 4.5}
      schools={DEFAULT_SCHOOLS}
      bikeOf={() => bike}
      trial={trial}
      now={now}
      onSave={onSave}
    />,
  );
  const pick = (name: string) => fireEvent.click(screen.getByRole('radio', { name }));
  const save = () => tapped(screen.getByRole('button', { name: 'Save work' }));
  return { onSave, pick, save };
}

describe('the work form', () => {
  it('opens as a top-up with the last lube and saves it as shown', async () => {
    const { onSave, save } = open();
    expect(screen.getByText(/Lube \d+ % to 100 %/)).toBeTruthy();
    await save();
    expect(onSave).toHaveBeenCalledWith(
      expect.objectContaining({
        chainId: 'c1',
        method: 'solvent wipe',
        cogsCleaned: false,
        lube: { lubeClass: 'dry', coat: 1, wiped: true },
        at: new Date(now).toISOString(),
      }),
    );
  });

  it('a thin coat goes into the log as one, and takes less of the bottle', async () => {
    const { onSave, pick, save } = open();
    pick('A thin coat');
    await save();
    expect(onSave.mock.calls[0][0].lube).toEqual({ lubeClass: 'dry', coat: 0.4, wiped: true });
  });

  it('a wipe-down puts no lube on; going back to a top-up remembers which it was', async () => {
    const { onSave, pick, save } = open();
    pick('Drip wax');
    pick('Wipe-down');
    await save();
    expect(onSave.mock.calls[0][0].lube).toBeNull();
    pick('Top-up');
    await save();
    expect(onSave.mock.calls[1][0].lube.lubeClass).toBe('drip wax');
  });

  it('wax is never offered to be wiped off', async () => {
    const { onSave, pick, save } = open();
    expect(screen.queryByRole('checkbox', { name: 'Wiped off afterwards' })).not.toBeNull();
    pick('Hot wax');
    expect(screen.queryByRole('checkbox', { name: 'Wiped off afterwards' })).toBeNull();
    await save();
    expect(onSave.mock.calls[0][0].lube).toEqual({ lubeClass: 'hot wax', coat: 1, wiped: false });
  });

  it('a clean takes the cassette with it and may end bare', async () => {
    const { onSave, pick, save } = open();
    pick('Clean');
    pick('Off the bike, in baths');
    fireEvent.click(screen.getByRole('radio', { name: 'None yet' }));
    expect(screen.getByText(/Lube \d+ % to 0 %/)).toBeTruthy();
    await save();
    expect(onSave.mock.calls[0][0]).toMatchObject({
      method: 'baths',
      cogsCleaned: true,
      baths: { count: 3, ml: 150 },
      drying: 'towel and air',
      lube: null,
    });
  });

  it('shows the cautions of the work on this bike', async () => {
    const { pick } = open({ drive: 'fixed' });
    expect(screen.getByRole('note').textContent).toMatch(/cranks drive the wheel/);
    expect(screen.getByRole('note').textContent).not.toMatch(/lower run/);
    pick('Clean');
    pick('Wax reset');
    expect(screen.getByRole('note').textContent).toMatch(/scald/);
  });

  it('asks how a coat was put on for a trial of its bike, and says nothing where nobody did', async () => {
    const labels = { a: 'Warm', b: 'Cold' };
    const { onSave, pick, save } = open({}, { bikeId: 'b1', id: 't', labels });
    expect(await screen.findByText('How did you do it, for your trial?')).toBeTruthy();
    await save();
    expect(onSave.mock.calls[0][0]).not.toHaveProperty('trial');
    pick('Cold');
    await save();
    expect(onSave).toHaveBeenLastCalledWith(
      expect.objectContaining({ trial: { id: 't', arm: 'b' } }),
    );
    cleanup();
    open({}, { bikeId: 'another', id: 't', labels });
    expect(screen.queryByText('How did you do it, for your trial?')).toBeNull();
  });
});
