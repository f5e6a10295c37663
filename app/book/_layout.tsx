import { Slot, usePathname, useRouter } from 'expo-router';
import { Menu, SideBySide } from '@/ui/frame';

const CHAPTERS = [
  { path: '/book/garage', label: 'Garage', hint: 'Bikes and chains' },
  { path: '/book/history', label: 'History', hint: 'Work, notes and readings' },
  { path: '/book/files', label: 'Files', hint: 'Backup and restore' },
  { path: '/book/settings', label: 'Settings', hint: 'Standard, units, weather, recorder' },
] as const;

/** Book: its chapters at the side, on a phone as a page of their own. */
export default function BookLayout() {
  const router = useRouter();
  const path = usePathname();
  return (
    <SideBySide
      showList={path === '/book'}
      listName="Book"
      onBack={() => router.navigate('/book')}
      list={
        <Menu
          title="Book"
          chapters={CHAPTERS}
          path={path}
          onGo={(to) => router.navigate(to as '/book')}
        />
      }
    >
      <Slot />
    </SideBySide>
  );
}
