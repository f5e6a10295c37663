import { LinkBox } from '../frame/LinkBox';
import { Txt } from '../theme/Txt';

/** From a choice between ways to where two of them can be tried. */
export const TryLink = () => (
  <LinkBox href="/book/trials/new" style={{ minHeight: 44, justifyContent: 'center' }}>
    <Txt style={{ textDecorationLine: 'underline' }}>
      Not sure which? Try two of them against each other.
    </Txt>
  </LinkBox>
);
