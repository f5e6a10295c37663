import { usePathname, useRouter } from 'expo-router';
import { Button } from '@/ui/form/Button';
import { Card } from '@/ui/frame/Card';
import { Page } from '@/ui/frame/Page';
import { Txt } from '@/ui/theme/Txt';

/** An address the app does not have. */
export default function NotFound() {
  const router = useRouter();
  const path = usePathname();
  return (
    <Page title="There is no such page">
      <Card>
        <Txt>{`Nothing lies at ${path.slice(0, 80)}. Your logbook is as it was.`}</Txt>
        <Button kind="strong" label="To Today" onPress={() => router.replace('/')} />
      </Card>
    </Page>
  );
}
