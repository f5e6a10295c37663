import { act, render, screen } from '@testing-library/react';
import RidesIndex from '../../../../app/rides/index';

const mockNow = { phase: 'looking', wide: true };
jest.mock('@/store/selectors', () => ({ selectSession: () => mockNow }));
jest.mock('@/store/hooks', () => ({ useAppSelector: (select: () => unknown) => select() }));
jest.mock('@/ui/frame/useWide', () => ({ useWide: () => mockNow.wide }));
jest.mock('../../../../app/rides/log', () => ({ __esModule: true, default: () => 'Log a ride' }));

describe('beside the list of rides', () => {
  it.each([
    ['open', true, 1],
    // Which bikes ever had a chain is not known yet: the form would refuse a ride that is right.
    ['looking', true, 0],
    ['open', false, 0],
  ])('of a logbook that is %s, on a screen that is wide: %s, are %s forms', async (...given) => {
    const [phase, wide, forms] = given;
    Object.assign(mockNow, { phase, wide });
    render(<RidesIndex />);
    await act(async () => Promise.resolve());
    expect(screen.queryAllByText('Log a ride')).toHaveLength(forms);
  });
});
