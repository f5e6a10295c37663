import { Fragment } from 'react';
import type { Replay } from '@/core/care/replay/replay';
import type { Lesson } from '@/core/care/replay/lessons';
import { LUBE_CLASS_NAMES, LUBE_CLASSES } from '@/core/lube/classes';
import type { Units } from '@/core/units/convert';
import { Learnt } from './Learnt';
import { LubeCard } from './LubeCard';

interface Props {
  replay: Replay;
  units: Units;
  onWithdraw: (lesson: Lesson) => void;
}

/** Every class of lube, and what was learnt of it. */
export const HandbookList = ({ replay, units, onWithdraw }: Props) =>
  LUBE_CLASS_NAMES.map((name) => (
    <Fragment key={name}>
      <LubeCard name={name} traits={LUBE_CLASSES[name]} units={units} />
      <Learnt
        lube={name}
        handbookKm={LUBE_CLASSES[name].lifeKm}
        replay={replay}
        units={units}
        onWithdraw={onWithdraw}
      />
    </Fragment>
  ));
