import { useEffect, useState, useSyncExternalStore } from 'react';
import { Keys } from '../keys/Keys';
import { showBadge } from './badge';
import { canInstall, install, watchInstall } from './install';
import { InstallStrip } from './InstallStrip';

interface Props {
  atTheBench: boolean;
  /** Chains that call for work now, for the badge. */
  due: number;
  /** Whether it is time to offer to install the app. */
  offersInstall: boolean;
  onOffered: () => void;
  onGo: (path: string) => void;
  onEscape: () => void;
}

/** What the frame brings once the first screen stands: keys, the badge on the icon, the offer to install. */
export function Later({ due, offersInstall, onOffered, ...keys }: Props) {
  const [answered, setAnswered] = useState(false);
  const can = useSyncExternalStore(watchInstall, canInstall);
  useEffect(() => showBadge(due), [due]);
  const answer = (yes: boolean) => {
    setAnswered(true);
    onOffered();
    if (yes) install();
  };
  return (
    <>
      <Keys {...keys} />
      {can && offersInstall && !answered && !keys.atTheBench ? (
        <InstallStrip onInstall={() => answer(true)} onNo={() => answer(false)} />
      ) : null}
    </>
  );
}
