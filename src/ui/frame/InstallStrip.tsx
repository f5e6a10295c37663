import { Button } from '../form/Button';
import { Strip } from './Strip';

/** Offers once to install the app, with what that brings. */
export const InstallStrip = ({ onInstall, onNo }: { onInstall: () => void; onNo: () => void }) => (
  <Strip
    role="region"
    name="Install"
    ground="cloth"
    tone="ink"
    variant="small"
    text="Installed, it has an icon that says what is due, the browser keeps its data more surely, and ride files can be shared to it."
  >
    <Button label="Install" onPress={onInstall} />
    <Button kind="quiet" label="No, thank you" onPress={onNo} />
  </Strip>
);
