import { WEATHER_SOURCES } from '@/core/records/kinds';
import type { Settings } from '@/core/records/settings';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { FilePick } from '../form/FilePick';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';

type Source = Settings['weatherSource'];

interface Props {
  source: Source;
  /** What the source is at, or what went wrong. */
  status: string | null;
  danger: boolean;
  /** Names of the columns a file must have. */
  columns: readonly string[];
  /** Whether some of the weather known came from a file. */
  hasFileWeather: boolean;
  onSource: (source: Source) => void;
  onFile: (file: File) => void;
  onForget: () => void;
  /** Asks a source that failed again; null where none has. */
  onRetry: (() => void) | null;
}

const SOURCE: Record<Source, { label: string; hint: string }> = {
  none: {
    label: 'What I say',
    hint: 'You pick a word for each ride. Rides from files stay “not known” until you do.',
  },
  service: {
    label: 'The weather service',
    hint: 'Looked up by itself for rides whose place is known, in squares of some 20 km. The service that ships with the app makes its weather up: it suits the demo’s island, not your roads.',
  },
  file: {
    label: 'A file',
    hint: 'Hourly weather of your region, from any source you trust.',
  },
};

/** Where the weather of rides comes from. */
export function WeatherCard(props: Props) {
  const { source, status, danger, columns, hasFileWeather, onRetry } = props;
  return (
    <Card title="Weather of your rides">
      <Choice
        label="It comes from"
        options={WEATHER_SOURCES.map((value) => ({ value, ...SOURCE[value] }))}
        value={source}
        onChange={props.onSource}
      />
      {source === 'file' ? (
        <>
          <Txt variant="small" tone="inkSoft">
            CSV with the columns {columns.join(', ')}; a row an hour, its time with the zone, like
            2026-05-01T08:00Z.
          </Txt>
          <FilePick
            label="Choose a weather file"
            fieldLabel="Weather file"
            accept=".csv,text/csv"
            onPick={([file]) => file && props.onFile(file)}
          />
        </>
      ) : null}
      {status ? (
        <Txt tone={danger ? 'danger' : 'inkSoft'} live="polite">
          {status}
        </Txt>
      ) : null}
      {onRetry ? <Button label="Try again" onPress={onRetry} /> : null}
      {hasFileWeather ? (
        <Button kind="quiet" label="Forget the weather of files" onPress={props.onForget} />
      ) : null}
    </Card>
  );
}
