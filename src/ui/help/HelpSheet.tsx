import { MEASURES, type MeasureName } from '@/core/help/measures';
import { Sheet } from '../frame/Sheet';
import { MeasureHelp } from './MeasureHelp';

/** Help to a measure, over the page it was asked on. */
export const HelpSheet = ({ measure, onClose }: { measure: MeasureName; onClose: () => void }) => (
  <Sheet title={MEASURES[measure].title} onClose={onClose}>
    <MeasureHelp measure={measure} />
  </Sheet>
);
