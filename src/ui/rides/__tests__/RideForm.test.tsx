import { tapped } from '@/test/tapped';
import { fireEvent, render, screen } from '@testing-library/react';
import { NOT_RECORDED } from '@/core/logbook/events';
import type { Fitting } from '@/core/logbook/fittings';
import type { RideLogged } from '@/core/records/event';
import { TEST_GARAGE } from '@/test/arbitraries';
import { IMPERIAL, METRIC, type Units } from '@/core/units/convert';
import { draftOf, rideDraft } from '../rideDraft';
import { RideForm } from '../RideForm';

const now = Date.parse('2026-05-10T12:00:00.000Z');
const fittings: Fitting[] = [
  { chainId: 'c1', bikeId: 'b1', from: '2026-05-01T08:00:00.000Z', to: null },
];
const ride: RideLogged = {
  type: 'rideLogged',
  id: 'r1',
  at: '2026-05-09T08:00:00.000Z',
  zone: 'UTC',
  recordedAt: '2026-05-09T08:00:00.000Z',
  bikeId: 'b1',
  distanceKm: 42.195,
  durationH: 1.75,
  weather: 'damp',
  surface: 'gravel',
  mud: true,
  salted: false,
  note: 'Round the marsh',
  ...NOT_RECORDED,
};

function open(initial = rideDraft('b1', ride, now), units: Units = METRIC) {
  const onSave = jest.fn();
  render(
    <RideForm
      initial={initial}
      bikes={Object.values(TEST_GARAGE.bikes)}
      fittings={fittings}
      units={units}
      now={now}
      saveLabel="Save ride"
      onSave={onSave}
    />,
  );
  const save = () => tapped(screen.getByRole('button', { name: 'Save ride' }));
  const type = (label: string, value: string) =>
    fireEvent.change(screen.getByLabelText(label), { target: { value } });
  return { onSave, save, type };
}

describe('the ride form', () => {
  it('needs a number, a word and a tap; the surface is the last one’s', async () => {
    const { onSave, save, type } = open();
    type('Distance', '42');
    fireEvent.click(screen.getByRole('radio', { name: 'Downpour' }));
    await save();
    expect(onSave).toHaveBeenCalledWith({
      ...NOT_RECORDED,
      bikeId: 'b1',
      at: new Date(now).toISOString(),
      distanceKm: 42,
      durationH: null,
      weather: 'downpour',
      surface: 'gravel',
      mud: false,
      salted: false,
      note: '',
    });
  });

  it('takes two quick taps for one', async () => {
    const { onSave, save, type } = open();
    type('Distance', '42');
    fireEvent.click(screen.getByRole('button', { name: 'Save ride' }));
    await save();
    expect(onSave).toHaveBeenCalledTimes(1);
  });

  it('opened on a ride and saved unchanged gives that ride again', async () => {
    const { onSave, save } = open(draftOf(ride, METRIC));
    await save();
    const { type, id, zone, recordedAt, ...fields } = ride;
    expect([type, id, zone, recordedAt]).toHaveLength(4);
    expect(onSave.mock.calls[0][0]).toEqual(fields);
  });

  it('reads miles when miles are shown', async () => {
    const { onSave, save, type } = open(draftOf(ride, IMPERIAL), IMPERIAL);
    expect(screen.getByText('mi')).toBeTruthy();
    type('Distance', '10');
    await save();
    expect(onSave.mock.calls[0][0].distanceKm).toBeCloseTo(16.09, 2);
  });

  it('saves nothing while something is wrong, and forgets the problem once it is right', async () => {
    const { onSave, save, type } = open();
    await save();
    // The rider is taken to what is wrong, wherever the button is.
    expect(document.activeElement).toBe(screen.getByLabelText('Distance'));
    expect(onSave).not.toHaveBeenCalled();
    expect(screen.getByText('Enter a number.')).toBeTruthy();
    type('Distance', '20');
    type('Riding time', '0:05');
    await save();
    expect(screen.queryByText('Enter a number.')).toBeNull();
    expect(screen.getByText(/does not fit the distance/)).toBeTruthy();
    type('Riding time', '1:00');
    await save();
    expect(onSave).toHaveBeenCalledTimes(1);
  });
});
