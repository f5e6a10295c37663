import { Slot, usePathname, useRouter } from 'expo-router';
import { lazy, Suspense, useEffect, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Provider } from 'react-redux';
import {
  closeNotice,
  redo,
  selectSession,
  selectSettings,
  undo,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { browserEdge } from '@/store/edge';
import { useKeeper } from '@/store/keeping/useKeeper';
import { useNewInFolder } from '@/store/useNewInFolder';
import { OpenContext, useOpenLogbook } from '@/store/OpenContext';
import { openLogbook } from '@/store/openLogbook';
import { switchLogbook, whichLogbook } from '@/store/whichLogbook';
import {
  Boundary,
  NewVersionStrip,
  Notice,
  Places,
  SetAsideStrip,
  StatusStrip,
  SkipLink,
  useFocusKept,
  useFocusOnHeading,
  useWide,
} from '@/ui/frame';
import { ThemeProvider, Txt, useColors } from '@/ui/theme';
import { titleOf } from '@/core/words/titles';
import { SayIn } from '@/ui/useSay';

// Seldom needed: not in the first script.
const ErrorPage = lazy(() =>
  import('@/ui/frame/TroublePages').then((m) => ({ default: m.ErrorPage })),
);
const UnreadablePage = lazy(() =>
  import('@/ui/frame/TroublePages').then((m) => ({ default: m.UnreadablePage })),
);
const BackupStrip = lazy(() => import('@/ui/frame/BackupStrip'));
/** The first screen comes first. */
const KEEPING_AFTER_MS = 3000;

/** The frame around every page: store, theme, the five places, what was saved, what can be undone. */
export default function Layout() {
  const [open] = useState(() => openLogbook(whichLogbook(), browserEdge()));
  return (
    <OpenContext.Provider value={open}>
      <Provider store={open.store}>
        <Themed demo={open.name === 'demo'} />
      </Provider>
    </OpenContext.Provider>
  );
}

function Themed({ demo }: { demo: boolean }) {
  const { theme, units } = useAppSelector(selectSettings);
  return (
    <ThemeProvider choice={theme}>
      {/* For errors of the frame itself; those of a page are held within it. */}
      <Guarded place="frame">
        <SayIn units={units}>
          <Frame demo={demo} />
        </SayIn>
      </Guarded>
    </ThemeProvider>
  );
}

function Frame({ demo }: { demo: boolean }) {
  const { phase, problem, save, notice, quarantined } = useAppSelector(selectSession);
  const ways = useWays();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const path = usePathname();
  const wide = useWide();
  const colors = useColors();
  useUndoKeys();
  useFocusOnHeading(path);
  useFocusKept();
  useTitle(path);
  useLeaveGuard(save.kind !== 'saved');
  useNewInFolder();
  // The bench has the whole screen.
  const atTheBench = path === '/bench/do';
  const places = atTheBench ? null : <Places path={path} rail={wide} />;
  return (
    <View style={[styles.frame, wide && styles.wide, { backgroundColor: colors.chalk }]}>
      <SkipLink />
      {wide ? places : null}
      <View style={styles.content}>
        {atTheBench ? null : (
          <StatusStrip save={save} onLeaveDemo={demo ? () => switchLogbook('own') : null} />
        )}
        <NewVersionStrip quiet={atTheBench} />
        {quarantined[0] ? (
          <SetAsideStrip part={quarantined[0].part} onOpen={() => router.navigate('/book/files')} />
        ) : null}
        {atTheBench || path === '/book/files' ? null : (
          <BackupReminder onOpen={() => router.navigate('/book/files')} />
        )}
        {phase === 'unreadable' && problem ? (
          <Suspense fallback={null}>
            <UnreadablePage problem={problem} ways={ways} />
          </Suspense>
        ) : phase === 'opening' ? (
          <SlowOpening />
        ) : (
          <View role="main" id="main" style={styles.content}>
            <Guarded place={path}>
              <Slot />
            </Guarded>
          </View>
        )}
        {notice ? (
          <Notice
            key={notice.key}
            text={notice.text}
            onUndo={notice.undo ? () => dispatch(undo()) : null}
            onClose={() => dispatch(closeNotice())}
          />
        ) : null}
      </View>
      {wide ? null : places}
    </View>
  );
}

/** Holds errors of what it surrounds, and shows the ways out. */
function Guarded({ place, children }: { place: string; children: ReactNode }) {
  const dispatch = useAppDispatch();
  const ways = useWays();
  const { done } = useAppSelector(selectSession);
  return (
    <Boundary
      place={place}
      instead={(error, again) => (
        <Suspense fallback={<Txt>{error.message}</Txt>}>
          <ErrorPage
            error={error}
            last={done.at(-1)?.label ?? null}
            onUndo={() => {
              dispatch(undo());
              again();
            }}
            onAgain={again}
            ways={ways}
          />
        </Suspense>
      )}
    >
      {children}
    </Boundary>
  );
}

/** What is still possible when a page, or the logbook, cannot be shown. */
function useWays() {
  const open = useOpenLogbook();
  const save = async (from: 'page' | 'storage') => {
    const [{ backupText }, { downloadText }] = await Promise.all([
      import('@/store/keeping'),
      import('@/ui/download'),
    ]);
    downloadText(`dapper-spoke-rescued-${from}.json`, await backupText(open, from));
  };
  return {
    ...open,
    saveBackup: () => void save('page'),
    saveStored: () => void save('storage'),
  };
}

/** When much lies in this browser only, a line says so. */
function BackupReminder({ onOpen }: { onOpen: () => void }) {
  const keeping = useKeeper(KEEPING_AFTER_MS);
  if (!keeping?.keeping.isDue) return null;
  return (
    <Suspense fallback={null}>
      <BackupStrip
        {...keeping.keeping}
        onOpen={onOpen}
        onLater={() => void keeping.keeper.putOff()}
      />
    </Suspense>
  );
}

/** Opening takes a moment: said only when it takes long. */
function SlowOpening() {
  const [isSlow, setIsSlow] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setIsSlow(true), SLOW_MS);
    return () => clearTimeout(timer);
  }, []);
  return isSlow ? <Txt style={styles.slow}>Opening your logbook …</Txt> : null;
}

const SLOW_MS = 1500;

/** Ctrl+Z undoes and Ctrl+Shift+Z or Ctrl+Y redoes, except while writing in a field. */
function useUndoKeys() {
  const dispatch = useAppDispatch();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || isBeingWrittenIn(event.target)) return;
      const key = event.key.toLowerCase();
      if (key !== 'z' && key !== 'y') return;
      event.preventDefault();
      dispatch(key === 'y' || event.shiftKey ? redo() : undo());
    };
    // On the way down: text fields of React Native for the web keep key presses to themselves.
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  }, [dispatch]);
}

/** The browser's tab says which place is shown. */
function useTitle(path: string) {
  useEffect(() => {
    document.title = titleOf(path);
  }, [path]);
}

/** Asks before the page is left while something is not saved yet. */
function useLeaveGuard(unsaved: boolean) {
  useEffect(() => {
    if (!unsaved) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [unsaved]);
}

/** A field with something in it has an undo of its own. */
const isBeingWrittenIn = (target: EventTarget | null): boolean =>
  target instanceof HTMLInputElement && target.value !== '';

const styles = StyleSheet.create({
  frame: { flex: 1 },
  wide: { flexDirection: 'row' },
  content: { flex: 1 },
  slow: { padding: 16 },
});
