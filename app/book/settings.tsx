import { useState } from 'react';
import { STANDARDS } from '@/core/care/model/constants';
import { STANDARD_NAMES } from '@/core/records/standards';
import { clueWords } from '@/core/arrivals/bikeRules';
import { WEATHER_COLUMNS } from '@/core/formats/weatherColumns';
import { formatShare } from '@/core/units/format';
import { changeSettings } from '@/store/commands/settings';
import {
  selectBikes,
  selectHasFileWeather,
  selectSession,
  selectSettings,
} from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { fillWeather } from '@/store/weather';
import { forgetFileWeather, takeWeatherFile } from '@/store/weatherFile';
import { RecorderCard } from '@/ui/book/RecorderCard';
import { WeatherCard } from '@/ui/book/WeatherCard';
import { WrittenCard } from '@/ui/book/WrittenCard';
import { Choice } from '@/ui/form/Choice';
import { Page } from '@/ui/frame/Page';
import { STANDARD_LABEL } from '@/core/words/labels';
import { useSay } from '@/ui/useSay';

/** Settings: each takes effect at once and can be undone. */
export default function SettingsPage() {
  const dispatch = useAppDispatch();
  const settings = useAppSelector(selectSettings);
  return (
    <Page title="Settings">
      <Choice
        label="Standard"
        options={STANDARD_NAMES.map((name) => ({
          value: name,
          label: STANDARD_LABEL[name],
          hint: `Wiped at ${formatShare(STANDARDS[name].outside)} grit outside, deep-cleaned at ${formatShare(STANDARDS[name].inside)} inside.`,
        }))}
        value={settings.standard}
        onChange={(standard) => dispatch(changeSettings('Standard changed', { standard }))}
      />
      <WrittenCard
        written={settings}
        onChange={(written) => dispatch(changeSettings('Units changed', written))}
      />
      <Choice
        label="Colours"
        options={[
          { value: 'system', label: 'As the system' },
          { value: 'light', label: 'Light' },
          { value: 'dark', label: 'Dark, for the shed' },
        ]}
        value={settings.theme}
        onChange={(theme) => dispatch(changeSettings('Colours changed', { theme }))}
      />
      <Choice
        label="Single letters as keys"
        options={[
          { value: 'on', label: 'On', hint: 'Press “?” for a list of them.' },
          { value: 'off', label: 'Off', hint: 'For whoever speaks to this device.' },
        ]}
        value={settings.keys ? 'on' : 'off'}
        onChange={(keys) => dispatch(changeSettings('Keys changed', { keys: keys === 'on' }))}
      />
      <WeatherSettings />
      <RecorderSettings />
    </Page>
  );
}

function WeatherSettings() {
  const say = useSay();
  const dispatch = useAppDispatch();
  const { weatherSource } = useAppSelector(selectSettings);
  const { weather } = useAppSelector(selectSession);
  const hasFileWeather = useAppSelector(selectHasFileWeather);
  const [told, setTold] = useState<{ text: string; danger: boolean } | null>(null);
  const take = async (file: File) => {
    const { readWeather } = await import('@/work/clients');
    const read = await readWeather(file);
    const taken = read.ok ? await dispatch(takeWeatherFile(read.value)) : read;
    const text = taken.ok
      ? `Weather of ${taken.value === 1 ? '1 day' : `${taken.value} days`} taken in.`
      : `${file.name}: ${say(taken.problem)}`;
    setTold({ text, danger: !taken.ok });
  };
  const failed = weatherSource === 'service' && weather.kind === 'failed';
  const status = failed
    ? say(weather.problem, 'The weather service')
    : weather.kind === 'fetching'
      ? 'Looking the weather up …'
      : weatherSource === 'file' && told
        ? told.text
        : null;
  return (
    <WeatherCard
      source={weatherSource}
      status={status}
      danger={failed || (told?.danger ?? false)}
      columns={WEATHER_COLUMNS}
      hasFileWeather={hasFileWeather}
      onSource={(source) =>
        dispatch(changeSettings('Source of weather changed', { weatherSource: source }))
      }
      onFile={(file) => void take(file)}
      onForget={() => dispatch(forgetFileWeather())}
      onRetry={failed ? () => void dispatch(fillWeather()) : null}
    />
  );
}

function RecorderSettings() {
  const dispatch = useAppDispatch();
  const { recorder, bikeRules, csvMappings } = useAppSelector(selectSettings);
  const bikes = useAppSelector(selectBikes);
  const rules = Object.entries(bikeRules).map(([clue, bikeId]) => ({
    key: `rule ${clue}`,
    text: `Rides ${clueWords(clue)} go to ${bikes.find((b) => b.id === bikeId)?.name ?? 'a bike no longer here'}.`,
  }));
  const tables = Object.keys(csvMappings).map((header) => ({
    key: `table ${header}`,
    text: `What the columns of a table with “${header.slice(0, 60)}” are.`,
  }));
  const without = <T,>(record: Record<string, T>, key: string): Record<string, T> =>
    Object.fromEntries(Object.entries(record).filter(([k]) => k !== key));
  return (
    <RecorderCard
      on={recorder}
      remembered={[...rules, ...tables]}
      onRecorder={(on) => dispatch(changeSettings('Ride recorder changed', { recorder: on }))}
      onForget={(key) => {
        const change = key.startsWith('rule ')
          ? { bikeRules: without(bikeRules, key.slice(5)) }
          : { csvMappings: without(csvMappings, key.slice(6)) };
        dispatch(changeSettings('Forgotten', change));
      }}
    />
  );
}
