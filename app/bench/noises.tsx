import { useRouter } from 'expo-router';
import { NoiseHandbook } from '@/ui/faults/lazily';
import { Button } from '@/ui/form/Button';
import { Page } from '@/ui/frame/Page';
import { Txt } from '@/ui/theme/Txt';

export { load as pieces } from '@/ui/faults/lazily';

/** The handbook of noises. */
export default function Noises() {
  const router = useRouter();
  return (
    <Page title="Handbook of noises">
      <Txt tone="inkSoft">
        What a noise of the chain, or of what it runs on, can come from. No bike has all of these.
      </Txt>
      <Button label="Find yours, step by step" onPress={() => router.navigate('/bench/noise')} />
      <NoiseHandbook />
    </Page>
  );
}
