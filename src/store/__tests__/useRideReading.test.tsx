/** @jest-environment jsdom */
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReadFile } from '@/core/formats/rideFile';
import { useRideReading } from '../useRideReading';

const mockRead: string[][] = [];
const mockEnds: ((files: ReadFile[]) => void)[] = [];
let mockCancelled = 0;

jest.mock('@/work/clients', () => ({
  readRideFiles: (files: File[]) => {
    mockRead.push(files.map((file) => file.name));
    const done = new Promise((end) => {
      mockEnds.push((read) => end({ files: read, cancelled: false }));
    });
    return { done, cancel: () => (mockCancelled += 1) };
  },
}));
jest.mock('@/work/arrivedFiles', () => ({
  sharedFiles: () => Promise.resolve([]),
  onOpenedWith: () => undefined,
}));

const file = (name: string) => new File(['x'], name);
const readAs = (name: string): ReadFile => ({ name, rides: { ok: true, value: [] } });

describe('reading files of several batches', () => {
  it('reads those that come by themselves beside those picked, and leaves what an earlier batch still finds', async () => {
    const { result } = renderHook(() => useRideReading({}, true));
    act(() => void result.current.read([file('a.gpx')]));
    await waitFor(() => expect(mockRead).toHaveLength(1));
    act(() => void result.current.readMore([file('b.gpx')]));
    await waitFor(() => expect(mockRead).toHaveLength(2));
    expect(mockRead).toEqual([['a.gpx'], ['a.gpx', 'b.gpx']]);
    expect(mockCancelled).toBe(1);
    await act(async () => mockEnds[0]!([readAs('too late')]));
    expect(result.current.files).toBeNull();
    await act(async () => mockEnds[1]!([readAs('a.gpx'), readAs('b.gpx')]));
    await waitFor(() => expect(result.current.files).toHaveLength(2));
    expect(result.current.progress).toBeNull();
  });
});
