import { Switch } from '../form/Switch';
import { useShownSock } from '../draft/shownSock';
import { capital } from '../texts/capital';
import { shared } from '../texts/shared';
import type { Spec } from '../wire/types';

/** Which sock is shown, where each is planned on a foot of its own. */
export function WhichSock({ spec }: { spec: Spec }) {
  const { each, sock, choose } = useShownSock(spec);
  const [first, second] = [capital(shared.firstSock), capital(shared.secondSock)];
  return each ? (
    <Switch
      label={shared.whichSock}
      value={sock === 2 ? 'second' : 'first'}
      options={[
        ['first', first, first],
        ['second', second, second],
      ]}
      onChange={(which) => choose(which === 'second' ? 2 : 1)}
    />
  ) : null;
}
