/**
 * What writes files, as one piece to load when one is wanted: what two pieces share would be loaded with the
 * first page.
 */
export { writeCalendar } from '@/core/formats/calendarOut';
export { writePlanCsv } from '@/core/formats/planCsv';
export { writeTrialCsv } from '@/core/formats/trialCsv';
export { writeRidesCsv } from '@/core/formats/ridesCsv';
export { writeEverythingCsv, writeServiceCsv } from '@/core/formats/serviceCsv';
