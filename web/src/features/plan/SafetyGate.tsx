import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, Problem } from '../../api/client';
import { plan as planOf, planForm } from '../../api/queries';
import type { PlanView, SignedGate } from '../../api/types';
import { YourName } from '../../forms/YourName';
import { Button } from '../../ui/Button';
import { Failure, Heading } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { Status } from '../../ui/Status';

type Check = SignedGate['gate']['seen'][number];

/** What is seen to before the first run. Nobody drives before somebody has signed for all of it. */
export function SafetyGate(props: { testId: string; stored: PlanView; unsaved: boolean }) {
  const { testId, stored } = props;
  const client = useQueryClient();
  const [seen, setSeen] = useState<ReadonlySet<Check>>(new Set(stored.safety?.gate.seen));
  const sign = useMutation({
    mutationFn: () =>
      ask(
        api.PUT('/api/tests/{id}/safety-gate', {
          params: { path: { id: testId } },
          body: { seen: [...seen] },
        }),
      ),
    onSuccess: (view) => client.setQueryData(planOf(testId).queryKey, view),
  });
  const errors = sign.error instanceof Problem ? sign.error.fields : {};
  const toggle = (check: Check) => {
    const next = new Set(seen);
    if (!next.delete(check)) next.add(check);
    setSeen(next);
  };
  const signed = stored.safety;
  return (
    <section className="no-print">
      <Heading note="each seen to by somebody who looked; no run starts before it is signed">
        Safety gate
      </Heading>
      {stored.lapsed && (
        <p className="mb-3 grid grid-cols-[auto_1fr] items-baseline gap-3 text-sm">
          <Status kind="caution" word="Not signed for this" />
          <span>
            {stored.lapsed.signedBy} signed on {stored.lapsed.signedAt.slice(0, 10)}; the plan, its lane, its
            procedure or the vehicle has changed since. Look again, and sign for it as it is now.
          </span>
        </p>
      )}
      <SafetyChecks seen={seen} errors={errors} signed={!!signed} onToggle={toggle} />
      {signed ? (
        <p className="mt-3 flex flex-wrap items-center gap-3">
          <Status kind="pass" word="Signed" />
          by {signed.signedBy}, {signed.signedAt.slice(0, 16).replace('T', ' ')} UTC
        </p>
      ) : (
        <div className="mt-3 flex flex-wrap items-end gap-4">
          <YourName label="Signed by" className="w-48" />
          <Button disabled={!stored.plan || props.unsaved || sign.isPending} onClick={() => sign.mutate()}>
            Sign the safety gate
          </Button>
          {(!stored.plan || props.unsaved) && (
            <span className="text-[13px] text-ink-3">Save the plan first.</span>
          )}
        </div>
      )}
      {sign.error && Object.keys(errors).length === 0 && <Failure error={sign.error} />}
    </section>
  );
}

function SafetyChecks(props: {
  seen: ReadonlySet<Check>;
  errors: Record<string, string>;
  signed: boolean;
  onToggle: (check: Check) => void;
}) {
  const { seen, errors } = props;
  return (
    <Loaded query={useQuery(planForm())} what="Reading the checks">
      {(form) => (
        <ul className="grid gap-1.5 text-sm">
          {form.safety.map((s) => (
            <li key={s.check}>
              <label className="flex items-start gap-2.5 py-0.5">
                <input
                  type="checkbox"
                  className="mt-0.5 size-4 flex-none accent-[var(--ink)]"
                  checked={seen.has(s.check)}
                  disabled={props.signed}
                  onChange={() => props.onToggle(s.check)}
                />
                <span>
                  {s.label}
                  {errors[`seen.${s.check}`] && (
                    <span className="ml-2 text-block">{errors[`seen.${s.check}`]}</span>
                  )}
                </span>
              </label>
            </li>
          ))}
        </ul>
      )}
    </Loaded>
  );
}
