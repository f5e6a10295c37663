import { tapped } from '@/test/tapped';
import { fireEvent, render, screen } from '@testing-library/react';
import { METRIC } from '@/core/units/convert';
import { TEST_GARAGE } from '@/test/arbitraries';
import { PlannedRideForm } from '../PlannedRideForm';

function open() {
  const onSave = jest.fn();
  render(
    <PlannedRideForm
      initial={null}
      bikes={Object.values(TEST_GARAGE.bikes)}
      units={METRIC}
      today="2026-11-24"
      onSave={onSave}
      onCancel={() => undefined}
    />,
  );
  const pick = (name: string) => fireEvent.click(screen.getByRole('radio', { name }));
  const save = () => tapped(screen.getByRole('button', { name: 'Save' }));
  return { onSave, pick, save };
}

describe('the form of a ride to come', () => {
  it('asks for a distance, and keeps what was entered', async () => {
    const { onSave, pick, save } = open();
    pick('Race');
    await save();
    expect(screen.getByText('Enter a number.')).toBeTruthy();
    expect(screen.getByRole('radio', { name: 'Race' }).getAttribute('aria-checked')).toBe('true');
    expect(onSave).not.toHaveBeenCalled();
  });

  it('saves a weekly ride with a day left out', async () => {
    const { onSave, pick, save } = open();
    fireEvent.change(screen.getByLabelText('Distance'), { target: { value: '24' } });
    pick('Every week');
    expect(screen.getByRole('checkbox', { name: 'Tue' }).getAttribute('aria-checked')).toBe('true');
    fireEvent.click(screen.getByRole('checkbox', { name: / 1 Dec$| Dec 1$/ }));
    await save();
    expect(onSave).toHaveBeenCalledWith(
      expect.objectContaining({
        distanceKm: 24,
        bikeId: 'b1',
        repeat: { weekdays: [2], everyWeeks: 1, until: null },
        except: ['2026-12-01'],
      }),
      null,
    );
  });
});
