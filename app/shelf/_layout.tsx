import { Slot, usePathname, useRouter } from 'expo-router';
import { selectShelf } from '@/store/selectors';
import { useAppSelector } from '@/store/hooks';
import { Menu } from '@/ui/frame/Menu';
import { SideBySide } from '@/ui/frame/SideBySide';
import { ProductList } from '@/ui/shelf/lazily';

const CHAPTERS = [
  { path: '/shelf/choose', label: 'Which lube?', hint: 'For your riding and the coming weather' },
  { path: '/shelf/dose', label: 'Doses and mixing', hint: 'Drops, degreaser, baths, wax' },
  { path: '/shelf/handbook', label: 'Handbook', hint: 'What each class of lube does' },
] as const;

/** Shelf: its chapters at the side, on a phone as a page of their own. */
export default function ShelfLayout() {
  const router = useRouter();
  const path = usePathname();
  const rows = useAppSelector(selectShelf);
  return (
    <SideBySide
      showList={path === '/shelf'}
      listName="Shelf"
      onBack={() => router.navigate('/shelf')}
      list={
        <Menu title="Shelf" chapters={CHAPTERS} path={path}>
          <ProductList
            rows={rows}
            openId={path.split('/')[3] ?? null}
            onAdd={() => router.navigate('/shelf/product/new')}
          />
        </Menu>
      }
    >
      <Slot />
    </SideBySide>
  );
}
