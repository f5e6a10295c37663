import { dryIntervalKm } from '@/core/choice/interval';
import type { LubeClass, LubeTraits } from '@/core/lube/classes';
import { formatDistance, formatHours, formatSmallShare } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { settingHours, STORAGE_AIR, WORKSHOP_AIR } from '@/core/weather/drying';
import { Card } from '../frame/Card';
import { Txt } from '../theme/Txt';
import { CHARACTER, WIPE_WHEN } from '@/core/words/bench/lubes';

interface Props {
  name: LubeClass;
  traits: LubeTraits;
  units: Units;
}

/** One class of lube in the handbook. */
export function LubeCard({ name, traits, units }: Props) {
  const title = name.charAt(0).toUpperCase() + name.slice(1);
  const facts = [
    `Lasts about ${formatDistance(traits.lifeKm, units)} in the dry`,
    `${name === 'hot wax' ? 'into the pot' : 'lube'} again at ${formatDistance(dryIntervalKm(name), units)}`,
    `loses ${formatSmallShare(traits.washPerMm)} of the coat per mm of water`,
    `ride after ${formatHours(settingHours(traits, WORKSHOP_AIR))} in a warm room, ${formatHours(settingHours(traits, STORAGE_AIR.shed))} in a cold shed`,
    traits.wiped ? `wipe ${WIPE_WHEN[name]}` : WIPE_WHEN[name],
  ];
  return (
    <Card title={title}>
      <Txt>{CHARACTER[name]}</Txt>
      <Txt variant="small" tone="inkSoft">
        {facts.join('; ')}.
      </Txt>
    </Card>
  );
}
