import { createElement, type CSSProperties } from 'react';
import { useDropzone } from 'react-dropzone';
import { Button } from '../form/Button';
import { useWide } from '../frame/useWide';
import { Txt } from '../theme/Txt';
import { useColors } from '../theme/ThemeContext';

interface Props {
  onFiles: (files: File[]) => void;
  busy: boolean;
}

/** What the browser's picker offers; what is dropped is read whatever its name, and refused in words. */
const ACCEPT =
  '.fit,.gpx,.tcx,.csv,.tsv,.txt,.zip,.gz,application/gpx+xml,application/xml,text/xml,text/csv,application/zip';

/** A place to drop files or folders on, and a button for those who cannot drop. */
export function DropZone({ onFiles, busy }: Props) {
  const colors = useColors();
  const wide = useWide();
  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({
    // Not `disabled` while busy: the browser would then open what is dropped, and leave the page.
    onDrop: (files) => {
      if (files.length > 0 && !busy) onFiles(files);
    },
    noClick: true,
    noKeyboard: true,
    // The picker of files that every browser has.
    useFsAccessApi: false,
  });
  const style: CSSProperties = {
    display: 'flex',
    flexDirection: 'column',
    gap: 12,
    padding: 18,
    borderRadius: 14,
    border: `2px dashed ${isDragActive ? colors.ink : colors.lineStrong}`,
    background: isDragActive ? colors.tape : 'transparent',
  };
  return createElement(
    'div',
    getRootProps({ style, role: undefined, tabIndex: undefined }),
    createElement('input', {
      key: 'input',
      ...getInputProps({ 'aria-label': 'Ride files', accept: ACCEPT }),
    }),
    <Txt key="text" tone={isDragActive ? 'onTape' : 'ink'}>
      {wide
        ? 'Drop FIT, GPX, TCX or CSV files here, or a ZIP of them, as many as you like. Or choose them.'
        : 'FIT, GPX, TCX or CSV files, or a ZIP of them, as many as you like.'}
    </Txt>,
    <Button key="pick" kind="strong" label="Choose ride files" disabled={busy} onPress={open} />,
  );
}
