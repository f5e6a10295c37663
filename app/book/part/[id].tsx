import { useLocalSearchParams, useRouter } from 'expo-router';
import { selectGarage, selectNow, selectReplay, selectUnits } from '@/store/selectors';
import { useAppDispatch, useAppSelector } from '@/store/hooks';
import { endPart, fitNewPart, fitPart, savePart, takePartOff } from '@/store/commands/parts';
import { Page } from '@/ui/frame/Page';
import { PartCard, PartForm } from '@/ui/forms/lazily';
import { Txt } from '@/ui/theme/Txt';

export { load as pieces } from '@/ui/forms/lazily';

/** A part: its story and where it goes. `new` notes one on the bike named by `bike`. */
export default function PartPage() {
  const { id, bike: bikeId } = useLocalSearchParams<{ id: string; bike?: string }>();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const garage = useAppSelector(selectGarage);
  const played = useAppSelector(selectReplay);
  const units = useAppSelector(selectUnits);
  const now = useAppSelector(selectNow);
  const part = garage.parts[id];
  const bike = garage.bikes[bikeId ?? ''];
  if (id === 'new' && bike)
    return (
      <Page title={`A part of ${bike.name}`}>
        <PartForm
          garage={garage}
          units={units}
          now={now}
          onSave={({ fields, at, start }) => {
            dispatch(fitNewPart(fields, bike, at, start));
            router.navigate(`/book/bike/${bike.id}`);
          }}
        />
      </Page>
    );
  if (!part || part.retired)
    return (
      <Page title="No such part">
        <Txt>It is gone, or was never here. Parts are on the page of their bike.</Txt>
      </Page>
    );
  return (
    <Page title={part.name}>
      <PartCard
        key={`${part.name} ${part.price}`}
        part={part}
        played={played}
        garage={garage}
        units={units}
        onSave={(fields) => dispatch(savePart({ ...part, ...fields }, part))}
        onFit={(other) => dispatch(fitPart(part, other))}
        onTakeOff={(from) => dispatch(takePartOff(part, from))}
        onEnd={(from, end) => {
          dispatch(endPart(part, from, end));
          router.navigate('/book/garage');
        }}
      />
    </Page>
  );
}
