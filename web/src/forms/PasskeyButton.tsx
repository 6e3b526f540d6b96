import { useMutation } from '@tanstack/react-query';
import { api, ask } from '../api/client';
import type { AskedPasskey, Session } from '../api/types';
import { Button } from '../ui/Button';
import { Failure } from '../ui/Layout';
import { isOpenByName, keepsPasskeys, usePasskeyFor as answeredByDevice } from './passkeys';

/** Comes in by what a phone, a laptop or a stick keeps; nothing where the browser keeps no passkeys for this address. */
export function PasskeyButton({ onIn }: { onIn: (now: Session) => void }) {
  const enter = useMutation({
    mutationFn: async () => {
      const asked = await ask<AskedPasskey>(api.POST('/api/session/passkeys/asked'));
      const credential = await answeredByDevice(asked.options);
      return credential === null
        ? null
        : ask<Session>(api.POST('/api/session/passkeys', { body: { asked: asked.id, credential } }));
    },
    onSuccess: (now) => now && onIn(now),
  });
  if (!keepsPasskeys() || !isOpenByName()) return null;
  return (
    <div className="grid gap-2">
      <Button className="min-h-12" disabled={enter.isPending} onClick={() => enter.mutate()}>
        Sign in with a passkey
      </Button>
      {enter.data === null && <p className="text-[14px] text-ink-2">No passkey was used.</p>}
      {enter.error && <Failure error={enter.error} />}
    </div>
  );
}
