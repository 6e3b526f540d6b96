import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import { signingKeys } from '../../api/queries';
import type { SigningKey } from '../../api/types';
import { Button } from '../../ui/Button';
import { Failure, Heading } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { moment } from '../../units/when';

/** The fingerprint that others compare before they trust a result signed here; only an owner replaces the key. */
export function SigningKeys({ governs }: { governs: boolean }) {
  return (
    <section>
      <Heading note="others compare this fingerprint before they trust a result signed here">
        Signing key
      </Heading>
      <Loaded query={useQuery(signingKeys())} what="Loading the signing key">
        {({ keys: [current, ...earlier] }) => (
          <div className="grid max-w-[70ch] gap-3 text-[14.5px]">
            {current && <Current signing={current} governs={governs} />}
            {earlier.length > 0 && (
              <details>
                <summary className="cursor-pointer text-ink-2">
                  Earlier keys ({earlier.length}); results signed by them stay valid
                </summary>
                <ul className="mt-2 grid gap-2">
                  {earlier.map((k) => (
                    <li key={k.fingerprint}>
                      <Fingerprint of={k} />
                      <span className="text-ink-2">
                        {moment(k.since)} to {k.until ? moment(k.until) : 'now'}
                      </span>
                    </li>
                  ))}
                </ul>
              </details>
            )}
          </div>
        )}
      </Loaded>
    </section>
  );
}

function Current({ signing, governs }: { signing: SigningKey; governs: boolean }) {
  const client = useQueryClient();
  const replace = useMutation({
    mutationFn: () =>
      ask(
        api.PUT('/api/signing-keys/{fingerprint}/retired', {
          params: { path: { fingerprint: signing.fingerprint } },
        }),
      ),
    onSuccess: (keys) => client.setQueryData(signingKeys().queryKey, keys),
  });
  return (
    <div>
      <Fingerprint of={signing} />
      <p className="text-ink-2">In use since {moment(signing.since)}</p>
      {governs && (
        <p className="mt-2">
          <Button tone="link" disabled={replace.isPending} onClick={() => replace.mutate()}>
            Replace signing key
          </Button>{' '}
          <span className="text-ink-2">if someone may have copied it. Tell others the new fingerprint.</span>
        </p>
      )}
      {replace.error && <Failure error={replace.error} />}
    </div>
  );
}

function Fingerprint({ of }: { of: SigningKey }) {
  return <code className="block max-w-[42ch] text-[14px] [word-spacing:0.15em]">{of.fingerprint}</code>;
}
