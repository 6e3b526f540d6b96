import { newId } from '../../api/newId';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask } from '../../api/client';
import { signedVerdicts } from '../../api/queries';
import type { SignedVerdict, SignRequest } from '../../api/types';
import { YourName } from '../../forms/YourName';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Failure, Heading } from '../../ui/Layout';
import { said } from '../../units/units';
import { moment } from '../../units/when';

/** Signs the verdict as it stands, and holds those signed before against what the stops say now. */
export function Signed(props: { testId: string; request: SignRequest }) {
  const { testId, request } = props;
  const client = useQueryClient();
  const [id, setId] = useState(() => newId());
  const kept = useQuery(signedVerdicts(testId)).data ?? [];
  const own = kept.filter((v) => v.candidateId === request.candidateId && v.group === request.group);
  const sign = useMutation({
    mutationFn: () =>
      ask(
        api.PUT('/api/tests/{id}/verdicts/{verdictId}', {
          params: { path: { id: testId, verdictId: id } },
          body: request,
        }),
      ),
    onSuccess: async () => {
      setId(newId());
      await client.invalidateQueries({ queryKey: signedVerdicts(testId).queryKey });
    },
  });
  return (
    <section className="mt-6">
      <Heading note="each has its stops, its figures and a signature, so that anyone can verify it">
        Signed verdicts
      </Heading>
      <ul className="mb-3 grid gap-3 text-[14.5px]">
        {own.map((v) => (
          <Entry key={v.id} verdict={v} />
        ))}
      </ul>
      <div className="no-print flex flex-wrap items-end gap-3">
        <YourName />
        <Button disabled={sign.isPending} onClick={() => sign.mutate()}>
          Sign the verdict as it stands
        </Button>
      </div>
      {sign.error && <Failure error={sign.error} />}
    </section>
  );
}

function Entry({ verdict: v }: { verdict: SignedVerdict }) {
  const { units } = usePreferences();
  const at = moment(v.signedAt);
  return (
    <li className="border-l-[3px] border-edge pl-3">
      <p>
        <b className="font-[650]">{said(v.then, units)}</b>{' '}
        <span className="text-ink-2">{said(v.thenRange, units)}</span>
      </p>
      <p className="text-ink-2">
        Signed by {v.signedBy}, {at}. Of {v.ways} ways to look at it {v.agreeing} said the same.
      </p>
      {v.changed ? (
        <p className="text-caution">
          Since then{stopsSince(v.stopsSince)}: {said(v.now, units)} Sign again to keep that.
        </p>
      ) : (
        <p className="text-ink-3">Today’s stops say the same.</p>
      )}
      <SignatureLine verdict={v} />
    </li>
  );
}

function SignatureLine({ verdict: { id, signature: s } }: { verdict: SignedVerdict }) {
  return (
    <p className={`text-[13px] ${s.unaltered ? 'text-ink-3' : 'text-block'}`}>
      <a className="underline" href={`/api/verdicts/${id}/file`}>
        Verification file
      </a>
      {!s.unaltered && '. Signature not valid: it was changed after it was signed.'}
      {s.unaltered && !s.fingerprint && ', unsigned (checksum only)'}
      {s.unaltered && s.fingerprint && (
        <>
          , signed by {s.own ? 'this Frenum’s key' : 'another Frenum’s key'}{' '}
          <span className="whitespace-nowrap tabular-nums">{s.fingerprint.slice(0, 19)} …</span>
        </>
      )}
    </p>
  );
}

function stopsSince(n: number): string {
  if (n === 0) return '';
  const size = Math.abs(n) === 1 ? 'one stop' : `${Math.abs(n)} stops`;
  return n > 0 ? ` ${size} more` : ` ${size} fewer`;
}
