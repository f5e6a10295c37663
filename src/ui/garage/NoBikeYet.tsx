import { Button } from '../form/Button';
import { Page } from '../frame/Page';
import { Txt } from '../theme/Txt';

/** Shown where a bike is needed and there is none. */
export function NoBikeYet({ onGo }: { onGo: () => void }) {
  return (
    <Page title="No bike yet">
      <Txt>Add a bike first: it takes four taps.</Txt>
      <Button kind="strong" label="Add a bike" onPress={onGo} />
    </Page>
  );
}
