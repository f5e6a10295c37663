import { Slot, usePathname, useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Provider } from 'react-redux';
import { say } from '@/core/messages';
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
import { OpenContext } from '@/store/OpenContext';
import { openLogbook } from '@/store/openLogbook';
import { switchLogbook, whichLogbook } from '@/store/whichLogbook';
import {
  Card,
  NewVersionStrip,
  Notice,
  Page,
  Places,
  SetAsideStrip,
  StatusStrip,
  useWide,
} from '@/ui/frame';
import { ThemeProvider, Txt, useColors } from '@/ui/theme';

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
  const { theme } = useAppSelector(selectSettings);
  return (
    <ThemeProvider choice={theme}>
      <Frame demo={demo} />
    </ThemeProvider>
  );
}

function Frame({ demo }: { demo: boolean }) {
  const { phase, problem, save, notice, quarantined } = useAppSelector(selectSession);
  const dispatch = useAppDispatch();
  const router = useRouter();
  const path = usePathname();
  const wide = useWide();
  const colors = useColors();
  useUndoKeys();
  useLeaveGuard(save.kind !== 'saved');
  // The bench has the whole screen.
  const atTheBench = path === '/bench/do';
  const places = atTheBench ? null : (
    <Places path={path} rail={wide} onGo={(to) => router.navigate(to as '/')} />
  );
  return (
    <View style={[styles.frame, wide && styles.wide, { backgroundColor: colors.chalk }]}>
      {wide ? places : null}
      <View style={styles.content}>
        {atTheBench ? null : (
          <StatusStrip save={save} onLeaveDemo={demo ? () => switchLogbook('own') : null} />
        )}
        <NewVersionStrip quiet={atTheBench} />
        {quarantined[0] ? (
          <SetAsideStrip part={quarantined[0].part} onOpen={() => router.navigate('/book/files')} />
        ) : null}
        {phase === 'unreadable' && problem ? (
          <Page title="The logbook stays shut">
            <Card danger>
              <Txt>{say(problem)}</Txt>
            </Card>
          </Page>
        ) : phase === 'opening' ? null : (
          <View role="main" style={styles.content}>
            <Slot />
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
});
