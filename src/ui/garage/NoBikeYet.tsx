import { Button } from '../form';
import { Page } from '../frame';
import { Txt } from '../theme';

/** Shown where a bike is needed and there is none. */
export function NoBikeYet({ onGo }: { onGo: () => void }) {
  return (
    <Page title="No bike yet">
      <Txt>Add a bike first: it takes four taps.</Txt>
      <Button kind="strong" label="Add a bike" onPress={onGo} />
    </Page>
  );
}
