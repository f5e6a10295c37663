import { SCHOOLS, type SchoolName, type Schools } from '@/core/lube/schools';
import { LUBING_WORDS } from '@/core/words/schools';
import { Choice } from '../form/Choice';
import { Card } from '../frame/Card';
import { TryLink } from '../trials/TryLink';

interface Props {
  schools: Schools;
  names: readonly SchoolName[];
  onChange: (part: Partial<Schools>) => void;
}

/** Where practitioners disagree: the rider's own school, each with its reason. */
export function SchoolsCard({ schools, names, onChange }: Props) {
  return (
    <Card title="Your way">
      {names.map((name) => (
        <Choice<string>
          key={name}
          label={LUBING_WORDS[name].question}
          options={SCHOOLS[name].map((value) => ({
            value,
            ...(LUBING_WORDS[name].answers[value] ?? { label: value, hint: '' }),
          }))}
          value={schools[name]}
          onChange={(value) => onChange({ [name]: value })}
        />
      ))}
      <TryLink />
    </Card>
  );
}
