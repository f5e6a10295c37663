import { readRideFiles } from '@/core/formats/rideFile';
import { gpx } from '@/test/rideFiles';
const b = new TextEncoder().encode(gpx(18000));
for (let n = 0; n < 30; n++) [...readRideFiles('a', b, {})];
