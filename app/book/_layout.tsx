import { Slot, usePathname, useRouter } from 'expo-router';
import { SideBySide } from '@/ui/frame';
import { BookMenu } from '@/ui/book/BookMenu';

/** Book: its chapters at the side, on a phone as a page of their own. */
export default function BookLayout() {
  const router = useRouter();
  const path = usePathname();
  return (
    <SideBySide
      showList={path === '/book'}
      listName="Book"
      onBack={() => router.navigate('/book')}
      list={<BookMenu path={path} onGo={(to) => router.navigate(to as '/book')} />}
    >
      <Slot />
    </SideBySide>
  );
}
