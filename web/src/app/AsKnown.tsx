import { useSyncExternalStore } from 'react';
import { oldestKnown, subscribe } from '../api/known';
import { moment } from '../units/when';

/** While the server does not answer: that it does not, and how old is what stands here. */
export function AsKnown() {
  const at = useSyncExternalStore(subscribe, oldestKnown);
  if (at === null) return null;
  const when = moment(at);
  return (
    <p role="status" className="no-print bg-ink px-4 py-2 text-[15px] text-on-ink">
      <b className="font-[650]">Frenum does not answer.</b> What stands here is as it was known on {when}.
      What you enter on the run card is kept on this device until the link is back.
    </p>
  );
}
