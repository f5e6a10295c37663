import { useState } from 'react';
import {
  BENCH_SCHOOLS,
  TOOLS,
  WATERS,
  type BenchSchoolName,
  type Workshop,
} from '@/core/records/workshop';
import type { Purchase } from '@/core/bench/purchase';
import { Button } from '../form/Button';
import { Choice, Toggles } from '../form/Choice';
import { Card } from '../frame/Card';
import { TryLink } from '../trials/TryLink';
import { ToolsHelp } from './ToolsHelp';
import { SCHOOL_WORDS, TOOL_LABEL, WATER_LABEL } from '@/core/words/workshop';

interface Props {
  purchase: () => Purchase | null;
  workshop: Workshop;
  onChange: (part: Partial<Workshop>) => void;
}

const NAMES = Object.keys(BENCH_SCHOOLS) as BenchSchoolName[];

/** What the rider works with and how: asked once, remembered. */
export function WorkshopCard({ workshop, purchase, onChange }: Props) {
  const [open, setOpen] = useState(false);
  const { tools, water, outdoors, schools } = workshop;
  return (
    <Card title="Your tools">
      <Toggles
        label="At hand"
        options={TOOLS.map((tool) => ({
          label: TOOL_LABEL[tool],
          on: tools.includes(tool),
          onChange: (on) =>
            onChange({ tools: on ? [...tools, tool] : tools.filter((t) => t !== tool) }),
        }))}
      />
      <ToolsHelp purchase={purchase} />
      <Choice
        label="Water"
        options={WATERS.map((value) => ({ value, label: WATER_LABEL[value] }))}
        value={water}
        onChange={(next) => onChange({ water: next })}
      />
      <Toggles
        label="Place"
        options={[
          {
            label: 'Out of doors',
            on: outdoors,
            onChange: (next) => onChange({ outdoors: next }),
          },
        ]}
      />
      <Button
        label={open ? 'Hide your way' : 'Your way at the bench'}
        expanded={open}
        onPress={() => setOpen(!open)}
      />
      {open
        ? NAMES.map((name) => (
            <Choice<string>
              key={name}
              label={SCHOOL_WORDS[name].question}
              options={BENCH_SCHOOLS[name].map((value) => ({
                value,
                label: SCHOOL_WORDS[name].answers[value]?.label ?? value,
                hint: SCHOOL_WORDS[name].answers[value]?.hint ?? '',
              }))}
              value={schools[name]}
              onChange={(value) => onChange({ schools: { ...schools, [name]: value } })}
            />
          ))
        : null}
      {open ? <TryLink /> : null}
    </Card>
  );
}
