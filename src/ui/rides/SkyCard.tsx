import { rainMmOf, type Sky } from '@/core/care/model/sky';
import type { StripHour } from '@/core/care/replay/strip';
import type { WeatherWord } from '@/core/records/kinds';
import { formatRain, formatShare, formatTemperature, formatWind } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { STRIP_COLUMNS, stripRows } from '@/core/words/tables/strip';
import { TableBehind } from '../charts/TableBehind';
import { Button } from '../form/Button';
import { Choice } from '../form/Choice';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { WEATHER_LABEL } from '@/core/words/labels';
import { SkyStrip } from './SkyStrip';

interface Props {
  sky: Sky;
  hours: number;
  strip: readonly StripHour[];
  air: { temperatureC: number; windMs: number } | null;
  /** What hourly weather says, whatever the rider said; null where it is not known. */
  worked: Sky | null;
  /** Why there is no hourly weather (yet). */
  missing: string;
  units: Units;
  onSay: (word: WeatherWord) => void;
}

const PICKED: readonly WeatherWord[] = ['dry', 'dusty', 'damp', 'wet', 'downpour'];

/** The weather a ride met: hour by hour, in a word, and whose word it is. One tap puts it right. */
export function SkyCard({ sky, hours, strip, air, worked, missing, units, onSay }: Props) {
  const facts = factsOf(sky, hours, air, units);
  const known = strip.some((s) => s.hour !== null);
  return (
    <Card title="Weather on the way">
      {known ? <SkyStrip strip={strip} summary={`Hour by hour: ${facts}`} /> : null}
      {known ? (
        <Txt variant="small" tone="inkSoft">
          Bars are rain. Below is the road, darker the wetter it is. Your ride is framed.
        </Txt>
      ) : null}
      {known ? (
        <TableBehind
          of="Weather on the way"
          columns={STRIP_COLUMNS}
          rows={() => stripRows(strip, units)}
        />
      ) : null}
      <Txt live="polite">{basisText(sky, worked, facts, missing)}</Txt>
      <Choice
        label="Not so? Say what it was"
        options={PICKED.map((word) => ({ value: word, label: WEATHER_LABEL[word] }))}
        value={sky.word}
        onChange={onSay}
      />
      {sky.basis === 'said' ? (
        <Button
          kind="quiet"
          label={worked ? 'Use the hourly weather instead' : 'I do not know'}
          onPress={() => onSay('unknown')}
        />
      ) : null}
    </Card>
  );
}

function factsOf(sky: Sky, hours: number, air: Props['air'], units: Units): string {
  const parts = [
    `wet road for ${formatShare(sky.wetShare)} of the way`,
    `${formatRain(rainMmOf(sky, hours), units)} of rain`,
  ];
  if (air)
    parts.push(formatTemperature(air.temperatureC, units), `wind ${formatWind(air.windMs, units)}`);
  if (sky.salted) parts.push('salt on the road');
  return parts.join(', ');
}

function basisText(sky: Sky, worked: Sky | null, facts: string, missing: string): string {
  if (sky.basis === 'weather')
    return `${WEATHER_LABEL[sky.word]}, worked out from hourly weather: ${facts}.`;
  if (sky.basis === 'guess') return `Not known, so a middle is assumed: ${facts}. ${missing}`;
  const other = worked && worked.word !== sky.word;
  return `${WEATHER_LABEL[sky.word]}: you said so. Taken as ${facts}.${
    other ? ` Hourly weather says: ${WEATHER_LABEL[worked.word].toLowerCase()}.` : ''
  }`;
}
