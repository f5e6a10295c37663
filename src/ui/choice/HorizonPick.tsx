import { Choice } from '../form/Choice';
import { Txt } from '../theme/Txt';

export type Horizon = 'forecast' | 'month' | 'season';

/** Weeks each horizon spreads a change of lube over. */
export const HORIZON_WEEKS: Record<Horizon, number> = { forecast: 2, month: 4.3, season: 26 };

interface Props {
  horizon: Horizon;
  onHorizon: (horizon: Horizon) => void;
  /** Why there is no forecast. */
  trouble: string | null;
}

/** For which rides a lube is chosen. */
export function HorizonPick({ horizon, onHorizon, trouble }: Props) {
  return (
    <>
      <Choice
        label="For"
        options={[
          { value: 'forecast', label: 'The next ten days' },
          { value: 'month', label: 'Riding as last month' },
          { value: 'season', label: 'Riding as this half year' },
        ]}
        value={horizon}
        onChange={onHorizon}
      />
      {trouble ? (
        <Txt variant="small" tone="danger" live="polite">
          {trouble} Last month’s weather is taken.
        </Txt>
      ) : null}
    </>
  );
}
