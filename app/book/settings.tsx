import { STANDARD_NAMES, STANDARDS } from '@/core/care';
import { formatShare } from '@/core/units';
import { putSettings, selectSettings, useAppDispatch, useAppSelector } from '@/store';
import { Choice } from '@/ui/form';
import { Page } from '@/ui/frame';
import { STANDARD_LABEL } from '@/ui/words';

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
        onChange={(standard) => dispatch(putSettings('Standard changed', { standard }))}
      />
      <Choice
        label="Distances"
        options={[
          { value: 'metric', label: 'Kilometres' },
          { value: 'imperial', label: 'Miles' },
        ]}
        value={settings.units}
        onChange={(units) => dispatch(putSettings('Units changed', { units }))}
      />
      <Choice
        label="Colours"
        options={[
          { value: 'system', label: 'As the system' },
          { value: 'light', label: 'Light' },
          { value: 'dark', label: 'Dark, for the shed' },
        ]}
        value={settings.theme}
        onChange={(theme) => dispatch(putSettings('Colours changed', { theme }))}
      />
    </Page>
  );
}
