import { Slot, usePathname, useRouter } from 'expo-router';
import { useEffect } from 'react';
import { useOpenLogbook } from '@/store/OpenContext';
import { switchLogbook } from '@/store/whichLogbook';
import { Button } from '@/ui/form/Button';
import { Card } from '@/ui/frame/Card';
import { Menu } from '@/ui/frame/Menu';
import { SideBySide } from '@/ui/frame/SideBySide';
import { Txt } from '@/ui/theme/Txt';

const CHAPTERS = [
  { path: '/book/garage', label: 'Garage', hint: 'Bikes, chains and parts' },
  { path: '/book/history', label: 'History', hint: 'Work, notes and readings' },
  { path: '/book/trials', label: 'Trials', hint: 'Two habits side by side, on your own bike' },
  { path: '/book/money', label: 'Money', hint: 'What care costs and saves' },
  { path: '/book/watts', label: 'Watts', hint: 'What your chain takes, gear by gear' },
  { path: '/book/years', label: 'Years', hint: 'Ways of keeping a chain, years ahead' },
  { path: '/book/one-year', label: 'Your year', hint: 'On one page, to print or keep' },
  { path: '/book/files', label: 'Files', hint: 'Backup and restore' },
  {
    path: '/book/words',
    label: 'Words and measures',
    hint: 'What we call things, and what figures mean',
  },
  { path: '/book/settings', label: 'Settings', hint: 'Standard, units, weather, recorder' },
] as const;

/** The demo can be opened and left at any time. */
function DemoDoor() {
  const isDemo = useOpenLogbook().name === 'demo';
  return (
    <Card title={isDemo ? 'This is the demo' : 'Look around in the demo'}>
      <Txt>
        {isDemo
          ? 'Your own logbook lies apart from it, as you left it.'
          : 'Eight months of a rider on a made-up island. Your own logbook stays as it is.'}
      </Txt>
      <Button
        label={isDemo ? 'Back to my logbook' : 'Open the demo'}
        onPress={() => switchLogbook(isDemo ? 'own' : 'demo')}
      />
    </Card>
  );
}

/** Book: its chapters at the side, on a phone as a page of their own. */
export default function BookLayout() {
  const router = useRouter();
  const path = usePathname();
  useEffect(() => {
    // What takes longest to answer is at hand before it is asked for.
    if (path === '/book') void import('./years');
  }, [path]);
  return (
    <SideBySide
      showList={path === '/book'}
      listName="Book"
      onBack={() => router.navigate('/book')}
      list={
        <Menu title="Book" chapters={CHAPTERS} path={path}>
          <DemoDoor />
        </Menu>
      }
    >
      <Slot />
    </SideBySide>
  );
}
