import { createElement, useState } from 'react';
import { FilePick } from '../form';
import { useWide } from '../frame';
import { Txt, useColors } from '../theme';

interface Props {
  onFiles: (files: File[]) => void;
  busy: boolean;
}

/** A place to drop files on, and a button for those who cannot drop. */
export function DropZone({ onFiles, busy }: Props) {
  const colors = useColors();
  const wide = useWide();
  const [over, setOver] = useState(false);
  const zone = {
    onDragOver: (event: DragEvent) => {
      event.preventDefault();
      setOver(true);
    },
    onDragLeave: () => setOver(false),
    onDrop: (event: DragEvent) => {
      event.preventDefault();
      setOver(false);
      const files = Array.from(event.dataTransfer?.files ?? []);
      if (files.length > 0 && !busy) onFiles(files);
    },
    style: {
      display: 'flex',
      flexDirection: 'column',
      gap: 12,
      padding: 18,
      borderRadius: 14,
      border: `2px dashed ${over ? colors.ink : colors.lineStrong}`,
      background: over ? colors.tape : 'transparent',
    },
  };
  return createElement(
    'div',
    zone,
    <Txt key="text" tone={over ? 'onTape' : 'ink'}>
      {wide
        ? 'Drop FIT, GPX, TCX or CSV files here, or a ZIP of them, as many as you like. Or choose them.'
        : 'FIT, GPX, TCX or CSV files, or a ZIP of them, as many as you like.'}
    </Txt>,
    <FilePick
      key="pick"
      kind="strong"
      label="Choose ride files"
      fieldLabel="Ride files"
      accept=".fit,.gpx,.tcx,.csv,.zip,application/gpx+xml,application/xml,text/xml,text/csv,application/zip"
      multiple
      disabled={busy}
      onPick={onFiles}
    />,
  );
}
