import type { PlannedRide } from '@/core/records/plan';

/** A ride planned for one day, changed where a test needs it. */
export const plannedRide = (more: Partial<PlannedRide> = {}): PlannedRide => ({
  id: 'p1',
  bikeId: 'b1',
  title: 'To the quay',
  date: '2026-11-24',
  time: '07:30',
  distanceKm: 24,
  surface: 'paved',
  weight: 'ordinary',
  repeat: null,
  except: [],
  calendarId: null,
  retired: false,
  changedAt: '2026-11-01T00:00:00.000Z',
  ...more,
});
