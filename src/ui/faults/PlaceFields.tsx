import type { PlaceDraft } from '@/core/entry/fault';
import type { Problem } from '@/core/problem';
import { SIDES } from '@/core/records/faults';
import { Choice } from '../form/Choice';
import { Field } from '../form/Field';

interface Props {
  draft: PlaceDraft;
  onChange: (draft: PlaceDraft) => void;
  problem?: Problem | undefined;
}

/** Where on the chain something is, so that it is found again. */
export const PlaceFields = ({ draft, onChange, problem }: Props) => (
  <>
    <Field
      label="Links on from the quick link or joining pin"
      value={draft.links}
      onChange={(links) => onChange({ ...draft, links })}
      hint="Counted the way the chain runs; leave it empty if you did not count."
      problem={problem}
      numeric
    />
    <Choice
      label="On which side?"
      options={SIDE_OPTIONS}
      value={draft.side}
      onChange={(side) => onChange({ ...draft, side })}
    />
  </>
);

const SIDE_OPTIONS = SIDES.map((side) => ({
  value: side,
  label: side === 'drive side' ? 'Drive side' : 'Far side',
}));
