import { Button } from '../form/Button';
import { Page } from '../frame/Page';
import { Txt } from '../theme/Txt';

/** Today while there are bikes but no chain on any of them. */
export function NoChain({ onGo }: { onGo: () => void }) {
  return (
    <Page title="No chain on a bike">
      <Txt>Fit a chain to a bike and its verdict stands here.</Txt>
      <Button kind="strong" label="Open the garage" onPress={onGo} />
    </Page>
  );
}
