import { fileIndexOf, Indexes } from '../fileIndex';
import { readTable } from '../table/read';

function indexesOf(...texts: string[]): Indexes {
  const indexes = new Indexes();
  for (const text of texts) {
    const table = readTable(text);
    const index = table.ok ? fileIndexOf(table.value) : null;
    if (index) indexes.add(index);
  }
  return indexes;
}
const head = 'Activity Date,Activity Name,Filename';

describe('tables that name files', () => {
  it('name them by their path, whatever folders lie around it', () => {
    const indexes = indexesOf(
      `${head}\n2026-05-10,Ridden,activities/1.gpx.gz\n`,
      'Route Name,Route Filename\nPlanned,routes/1.gpx\n',
    );
    expect(indexes.of('all.zip › export/activities/1.gpx')?.name).toBe('Ridden');
    expect(indexes.of('all.zip › export/routes/1.gpx')?.name).toBe('Planned');
    expect(indexes.of('all.zip › elsewhere/1.gpx')).toBeNull();
  });

  it('know a file without folders by its bare name, unless two are called so', () => {
    const indexes = indexesOf(
      `${head}\n2026-05-10,Ridden,activities/1.gpx\n2026-05-11,Both,a/2.gpx\n2026-05-12,Both,b/2.gpx\n`,
    );
    expect(indexes.of('1.gpx')?.name).toBe('Ridden');
    expect(indexes.of('2.gpx')).toBeNull();
  });

  it('take backslashes for folders, and yes in several languages for a ride to work', () => {
    const indexes = indexesOf(
      'Date,Filename,Commute\n2026-05-10,rides\\1.fit,ja\n2026-05-11,rides\\2.fit,false\n',
    );
    expect(indexes.of('x.zip › rides/1.fit')?.commute).toBe(true);
    expect(indexes.of('x.zip › rides/2.fit')?.commute).toBe(false);
  });
});
