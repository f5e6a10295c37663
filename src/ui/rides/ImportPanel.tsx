import { StyleSheet, View } from 'react-native';
import type { ClueGroup } from '@/core/arrivals/bikeRules';
import type { Decision, ImportRow } from '@/core/arrivals/importRides';
import type { OlderRides, Past, Pasts } from '@/core/arrivals/older';
import type { CsvMapping } from '@/core/records/csvMapping';
import type { ReadFile } from '@/core/formats/rideFile';
import type { Bike, Garage } from '@/core/records/garage';
import type { Units } from '@/core/units/convert';
import { countedThings } from '@/core/words/counted';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { ProgressBar } from '../form/ProgressBar';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { DropZone } from './DropZone';
import { HeldCard } from './HeldCard';
import { ImportRows } from './ImportRows';
import { MappingCard } from './MappingCard';
import { OlderCard } from './OlderCard';
import { RideFolderCard, type RideFolder } from './RideFolderCard';

interface Props {
  bikes: readonly Bike[];
  /** Rides that show the same clue, and the bike each goes to. */
  groups: readonly (ClueGroup & { bikeId: string; remembered: boolean })[];
  onBike: (clue: string, bikeId: string) => void;
  /** How far reading is; null when nothing is being read. */
  progress: { read: number; of: number; found: number } | null;
  onFiles: (files: File[]) => void;
  onCancel: () => void;
  /** Tables whose columns are asked for, one after the other. */
  unknown: readonly ReadFile[];
  onExplain: (mapping: CsvMapping) => void;
  /** What importing will do; null before files were read. */
  rows: readonly ImportRow[] | null;
  onDecide: (keys: string[], decision: Decision | null) => void;
  /** Rides from before the log knew the chain, and what the rider says of that time, by bike. */
  older: readonly OlderRides[];
  pasts: Pasts;
  onPast: (bikeId: string, past: Past) => void;
  garage: Garage;
  /** The folder rides are looked for in; null: the browser can look through none. */
  folder: RideFolder | null;
  onImport: () => void;
  units: Units;
}

/** Bringing in ride files: which files, which bike, what will become of each, then one tap. */
export function ImportPanel(props: Props) {
  const { bikes, groups, onBike, progress, onFiles, onCancel, rows, units } = props;
  const [unknown, ...more] = props.unknown;
  return (
    <View style={styles.panel}>
      <DropZone onFiles={onFiles} busy={progress !== null} />
      {progress ? <Progressing progress={progress} onCancel={onCancel} /> : null}
      {unknown?.table ? (
        <MappingCard
          key={unknown.table.header.join()}
          file={unknown.name}
          table={unknown.table}
          units={units}
          more={more.length}
          onExplain={props.onExplain}
        />
      ) : null}
      <WhichBike bikes={bikes} groups={groups} onBike={onBike} />
      {rows ? <HeldCard rows={rows} units={units} onDecide={props.onDecide} /> : null}
      <OlderCard
        older={props.older}
        garage={props.garage}
        units={units}
        pasts={props.pasts}
        onPast={props.onPast}
      />
      {rows ? <ToAdd rows={rows} units={units} onImport={props.onImport} /> : null}
      {props.folder ? <RideFolderCard folder={props.folder} /> : null}
    </View>
  );
}

/** What adding will bring, and the tap that does it. */
function ToAdd({
  rows,
  units,
  onImport,
}: Pick<Props, 'units' | 'onImport'> & { rows: readonly ImportRow[] }) {
  const rides = rows.filter((r) => r.outcome === 'added').length;
  const work = rows.filter((r) => r.outcome === 'work').length;
  const things = countedThings(rides, work);
  return (
    <Card title={`${things} to add`}>
      {rides + work > 0 ? (
        <Button
          kind="strong"
          label={rides === 1 && work === 0 ? 'Add this ride' : `Add ${things}`}
          onPress={onImport}
        />
      ) : null}
      <ImportRows rows={rows} units={units} />
      <Txt variant="small" tone="inkSoft">
        Files do not tell the weather. It is looked up where you have a source for it (Book,
        Settings); until then a middle is assumed.
      </Txt>
    </Card>
  );
}

/** Which bike rides of a clue were ridden on, where there are several. */
function WhichBike({ bikes, groups, onBike }: Pick<Props, 'bikes' | 'groups' | 'onBike'>) {
  if (groups.length === 0 || bikes.length < 2) return null;
  return (
    <Card title="Which bike?">
      {groups.map((group) => (
        <Choice
          key={group.clue}
          label={`${countedThings(group.rides, group.work)} ${group.words}${group.remembered ? ', as last time' : ''}`}
          options={bikes.map((b) => ({ value: b.id, label: b.name }))}
          value={group.bikeId}
          onChange={(bikeId) => onBike(group.clue, bikeId)}
        />
      ))}
      <Txt variant="small" tone="inkSoft">
        Remembered for the next import.
      </Txt>
    </Card>
  );
}

interface ProgressingProps {
  progress: NonNullable<Props['progress']>;
  onCancel: () => void;
}

/** How many files are read. */
const Progressing = ({ progress: { read, of, found }, onCancel }: ProgressingProps) => (
  <Card>
    <Txt live="polite">
      Reading {read} of {of} …{found > read ? ` ${found} files found in them.` : ''}
    </Txt>
    <ProgressBar share={of === 0 ? 0 : read / of} label="Files read" />
    <Button label="Stop" onPress={onCancel} />
  </Card>
);

const styles = StyleSheet.create({
  panel: { gap: 18 },
});
