import { closesAs, type Job } from './job';
import { look } from './look';
import { liesOf } from './prepare';
import { step, type BenchStep } from './steps';
import * as SAID from '../words/bench/closing';

/** The chain back on the bike: laid in and looked at before anything is closed. */
export function chainOn(job: Job): BenchStep[] {
  const derailleur = job.bike.gear === 'derailleur';
  return [
    step({
      id: 'lay in',
      phase: 'close',
      ...SAID.layIn(job.bike),
      acts: ['lay in'],
      hands: 3,
    }),
    ...(derailleur ? [ROUTED] : []),
    ...(closesAs(job).directional ? [DIRECTION] : []),
    close(job),
    ...(derailleur ? [] : [tension(job)]),
    prove(job),
  ];
}

const ROUTED = look({
  id: 'routed',
  ...SAID.ROUTED,
  acts: ['look at routing'],
  failTo: 'lay in',
  drawing: 'routing',
});

const DIRECTION = look({
  id: 'direction',
  ...SAID.DIRECTION,
  acts: ['look at direction'],
  failTo: 'lay in',
  drawing: 'way round',
});

const NEW_PARTS: Record<Job['chain']['closure'], readonly string[]> = {
  'reusable link': [],
  'single-use link': ['new link'],
  'connecting pin': ['new joining pin', 'chain tool'],
  'not known': ['new link or pin of its make'],
};

const close = (job: Job): BenchStep => {
  const { closure } = closesAs(job);
  return step({
    id: 'close',
    phase: 'close',
    ...SAID.close(closure, liesOf(job)),
    acts: ['close'],
    materials: NEW_PARTS[closure],
    hands: closure === 'connecting pin' ? 3 : 1,
  });
};

const tension = ({ bike }: Job): BenchStep =>
  look({
    id: 'tension',
    ...SAID.tension(bike.drive === 'coaster', bike.gear === 'hub'),
    acts: ['set tension'],
  });

const prove = (job: Job): BenchStep => {
  const { closure } = closesAs(job);
  return look({
    id: 'link seated',
    ...SAID.prove(closure, handBrake(job)),
    acts: ['prove'],
    failTo: 'close',
    drawing: closure === 'connecting pin' ? null : 'arrow',
  });
};

/** Whether a lever holds the rear wheel: not where it brakes by the pedal, nor through a covered rotor. */
const handBrake = ({ bike }: Job): boolean => bike.brake === 'rim' && bike.drive !== 'coaster';
