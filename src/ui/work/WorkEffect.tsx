import { work, type WorkSpec } from '@/core/care/model/work';
import type { ChainState } from '@/core/care/model/state';
import { LUBE_CLASSES } from '@/core/lube/classes';
import { formatHours, formatShare } from '@/core/units/format';
import { settingHours, type Air } from '@/core/weather/drying';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { WIPE_WHEN } from '@/core/words/bench/lubes';

interface Props {
  spec: WorkSpec;
  /** The chain before the work; null when it is not known. */
  before: { state: ChainState; cogs: number; air: Air } | null;
}

/** What the work will do, in the model's readings. */
export function WorkEffect({ spec, before }: Props) {
  if (!before) return null;
  const after = work(before.state, before.cogs, spec, before);
  const from = before.state;
  const to = after.state;
  const change = (name: string, a: number, b: number) =>
    `${name} ${formatShare(a)} to ${formatShare(b)}`;
  const lubeClass = spec.lube?.lubeClass;
  return (
    <Card title="What this does">
      <Txt>
        {[
          change('Lube', from.film, to.film),
          change('dirt outside', from.outside, to.outside),
          change('grit inside', from.inside, to.inside),
          change('dirt on the cogs', before.cogs, after.cogs),
        ].join(', ')}
        .
      </Txt>
      {lubeClass ? (
        <Txt>
          Sets in {formatHours(settingHours(LUBE_CLASSES[lubeClass], before.air))} where this bike
          stands; wipe: {WIPE_WHEN[lubeClass]}.
        </Txt>
      ) : null}
    </Card>
  );
}
