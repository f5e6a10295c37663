import { useRouter } from 'expo-router';
import { lastLube } from '@/core/care/verdict/report';
import { bikeChosen } from '@/store/sessionSlice';
import { selectReplay, selectReports } from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { noteRoadRepair } from '@/store/commands/road';
import { Page } from '@/ui/frame/Page';
import { usePickedBike } from '@/ui/garage/BikePick';
import { NoBikeYet } from '@/ui/garage/NoBikeYet';
import { BrokenLinkCard } from '@/ui/road/BrokenLinkCard';
import { KitCard } from '@/ui/road/KitCard';

/** On the road: what to carry, and what to do when a link breaks. */
export default function Road() {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const reports = useAppSelector(selectReports);
  const { replay } = useAppSelector(selectReplay);
  const { report, pick } = usePickedBike(reports);
  if (!report) return <NoBikeYet onGo={() => router.navigate('/')} />;
  const { bike, chain } = report;
  return (
    <Page title="On the road">
      <KitCard
        bikes={reports.map((r) => ({
          bike: r.bike,
          chain: r.chain,
          lube: lastLube(replay.steps, r.chain.id),
        }))}
      />
      {pick}
      <BrokenLinkCard
        key={bike.id}
        bike={bike}
        chain={chain}
        onMended={(holds, shorter) => {
          dispatch(noteRoadRepair({ bikeId: bike.id, chain, holds, shorter }));
          dispatch(bikeChosen(bike.id));
          router.navigate('/');
        }}
      />
    </Page>
  );
}
