import { aMonth, lifeKm } from './obedient';
import { CLASSES, lived, RIDER_NAMES } from './sweep';
for (const rider of RIDER_NAMES) {
  const t = performance.now();
  console.log(rider);
  for (const lube of CLASSES) {
    const l = lived(rider, lube);
    console.log(
      '  ',
      lube.padEnd(12),
      'wipes',
      aMonth(l.wipes, l).toFixed(1),
      'lubes',
      aMonth(l.lubes, l).toFixed(1),
      'cleans',
      aMonth(l.cleans, l).toFixed(1),
      'life',
      lifeKm(l).toFixed(0),
      'km',
      l.km.toFixed(0),
      'first clean',
      l.firstCleanKm?.toFixed(0),
      'wet',
      (((l.headlines.wet ?? 0) / l.rides) * 100).toFixed(0) + '%',
      'rusted max',
      Math.max(0, ...Array.from(l.rustedByMonth, (x) => x ?? 0)),
      'lubes/day',
      Math.max(0, ...Array.from(l.lubesByDay, (x) => x ?? 0)),
      JSON.stringify(l.headlines),
    );
  }
  console.log('   s', ((performance.now() - t) / 1000).toFixed(1));
}
