import { ctx } from 'expo-router/_ctx';
import { Slot, usePathname, useRouter, type Href } from 'expo-router';
import { lazy, Suspense, useCallback, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Provider } from 'react-redux';
import { closeNotice, redo, undo } from '@/store/commands/history';
import { selectReplay, selectSession, selectSettings } from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { useKeeper } from '@/store/keeping/useKeeper';
import { rememberInstallAsked, wasInstallAsked } from '@/store/installAsked';
import { useDueChains } from '@/store/useDueChains';
import { useNewInFolder } from '@/store/useNewInFolder';
import { OpenContext, useOpenLogbook } from '@/store/OpenContext';
import { openHere } from '@/store/openHere';
import { switchLogbook } from '@/store/whichLogbook';
import { Boundary } from '@/ui/frame/Boundary';
import { NewVersionStrip } from '@/ui/frame/NewVersionStrip';
import { Notice } from '@/ui/frame/Notice';
import { pageLoader, type Routes } from '@/ui/frame/pageLoader';
import { Places } from '@/ui/frame/Places';
import { SetAsideStrip } from '@/ui/frame/SetAsideStrip';
import { StatusStrip } from '@/ui/frame/StatusStrip';
import { SkipLink } from '@/ui/frame/SkipLink';
import { HeldBack } from '@/ui/frame/HeldBack';
import { useFocusKept, useFocusOnHeading } from '@/ui/frame/useFocus';
import { useAfter } from '@/ui/frame/useAfter';
import { PagesContext } from '@/ui/frame/useGo';
import { useLeaveGuard, useTitle } from '@/ui/frame/useTab';
import { useWithPlace } from '@/ui/frame/useWithPlace';
import { useUndoKeys } from '@/ui/frame/useUndoKeys';
import { useWide } from '@/ui/frame/useWide';
import { ThemeProvider, useColors } from '@/ui/theme/ThemeContext';
import { Txt } from '@/ui/theme/Txt';
import type { Problem } from '@/core/problem';
import { placeAbove } from '@/core/words/placeAbove';
import '@/ui/frame/install';
import { lazilyFrom } from '@/ui/lazily';
import { SayIn } from '@/ui/useSay';

// Seldom needed: not in the first script.
const trouble = lazilyFrom(() => import('@/ui/frame/TroublePages'));
const ErrorPage = trouble('ErrorPage');
const UnreadablePage = trouble('UnreadablePage');
const BackupStrip = lazy(() => import('@/ui/frame/BackupStrip'));
const Later = lazilyFrom(() => import('@/ui/frame/Later'))('Later');
/** The same element each time: a notice or a save draws the frame anew, not the page. */
const PAGE = <Slot />;
const LOAD_PAGE = pageLoader(ctx as unknown as Routes);
/** The first screen comes first. */
const KEEPING_AFTER_MS = 3000;

/** The frame around every page: store, theme, the five places, what was saved, what can be undone. */
export default function Layout() {
  const open = openHere();
  return (
    <OpenContext.Provider value={open}>
      <Provider store={open.store}>
        <PagesContext value={LOAD_PAGE}>
          <Themed demo={open.name === 'demo'} />
        </PagesContext>
      </Provider>
    </OpenContext.Provider>
  );
}

function Themed({ demo }: { demo: boolean }) {
  const settings = useAppSelector(selectSettings);
  return (
    <ThemeProvider choice={settings.theme}>
      {/* For errors of the frame itself; those of a page are held within it. */}
      <Guarded place="frame">
        <SayIn written={settings}>
          <Frame demo={demo} />
        </SayIn>
      </Guarded>
    </ThemeProvider>
  );
}

function Frame({ demo }: { demo: boolean }) {
  const { phase, problem, save, notice, quarantined } = useAppSelector(selectSession);
  const { hurry } = useOpenLogbook();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const path = usePathname();
  const wide = useWide();
  const colors = useColors();
  useUndoKeys(
    () => dispatch(undo()),
    () => dispatch(redo()),
  );
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
        <NewVersionStrip quiet={atTheBench} path={path} />
        {quarantined[0] ? (
          <SetAsideStrip part={quarantined[0].part} onOpen={() => router.navigate('/book/files')} />
        ) : null}
        {phase !== 'open' || atTheBench || path === '/book/files' ? null : (
          <BackupReminder path={path} onOpen={() => router.navigate('/book/files')} />
        )}
        {phase === 'unreadable' && problem ? (
          <Unreadable problem={problem} />
        ) : (
          <View role="main" id="main" style={styles.content}>
            <Guarded place={path}>
              <HeldBack phase={phase} path={path} onWaiting={hurry}>
                {PAGE}
              </HeldBack>
            </Guarded>
          </View>
        )}
        {/* Below the page, which it must not push down. */}
        {phase === 'open' ? <AfterFirst path={path} demo={demo} /> : null}
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

const Unreadable = ({ problem }: { problem: Problem }) => (
  <UnreadablePage problem={problem} ways={useWays()} />
);

/** Keys, badge and the offer to install, once the first screen stands. */
function AfterFirst({ path, demo }: { path: string; demo: boolean }) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const due = useDueChains();
  const entries = useAppSelector(selectReplay).replay.steps.length;
  const { notice } = useAppSelector(selectSession);
  const stands = useAfter(LATER_MS);
  const onGo = useCallback((to: string) => router.navigate(to as Href), [router]);
  const onEscape = useCallback(() => {
    const above = placeAbove(path);
    if (notice) dispatch(closeNotice());
    else if (above) router.navigate(above as Href);
  }, [dispatch, router, path, notice]);
  if (!stands) return null;
  return (
    <Later
      atTheBench={path === '/bench/do'}
      due={due}
      offersInstall={!demo && entries >= ENTRIES_BEFORE_INSTALL && !wasInstallAsked()}
      onOffered={rememberInstallAsked}
      onGo={onGo}
      onEscape={onEscape}
    />
  );
}

/** Someone who wrote so much down comes back. Own choice. */
const ENTRIES_BEFORE_INSTALL = 5;
const LATER_MS = 600;

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
function BackupReminder({ path, onOpen }: { path: string; onOpen: () => void }) {
  const keeping = useKeeper(KEEPING_AFTER_MS);
  const isShown = useWithPlace(keeping?.keeping.isDue ?? false, path);
  if (!keeping || !isShown) return null;
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

const styles = StyleSheet.create({
  frame: { flex: 1 },
  wide: { flexDirection: 'row' },
  content: { flex: 1 },
});
