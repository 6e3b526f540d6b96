import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, Problem } from '../../api/client';
import { plan as planOf } from '../../api/queries';
import type { Configuration, PlanView, Schemas } from '../../api/types';
import { useExpectedWords } from '../../forms/useExpected';
import { useEntries } from '../../forms/useForms';
import { YourName } from '../../forms/YourName';
import { Button } from '../../ui/Button';
import { Field, Input, Select } from '../../ui/Field';
import { labelOf } from '../../ui/labels';
import { Failure, Heading } from '../../ui/Layout';
import { QuantityField } from '../../ui/QuantityField';

type Request = Schemas['ExpectationRequest'];
type Guess = NonNullable<Request['guess']>;

/** What is expected, sealed before the first stop so that nobody remembers it better afterwards. */
export function Expectation(props: { testId: string; stored: PlanView; candidates: Configuration[] }) {
  const { stored } = props;
  const words = useExpectedWords();
  return (
    <section>
      <Heading note="sealed before the first stop, shown beside the result">What is expected</Heading>
      {stored.expectation ? (
        <p>
          <b data-as-typed className="font-[650]">
            {words(stored.expectation)}
          </b>
          , said {stored.expectation.by} on {stored.expectation.sealedAt.slice(0, 10)}.
        </p>
      ) : (
        <Sealing {...props} />
      )}
    </section>
  );
}

function Sealing(props: { testId: string; stored: PlanView; candidates: Configuration[] }) {
  const { testId, stored, candidates } = props;
  const client = useQueryClient();
  const [request, setRequest] = useState<Request>({ expectation: '', guess: null, candidateId: null });
  const seal = useMutation({
    mutationFn: () =>
      ask(
        api.PUT('/api/tests/{id}/expectation', {
          params: { path: { id: testId } },
          body: { ...request, candidateId: request.candidateId ?? candidates[0]?.id ?? null },
        }),
      ),
    onSuccess: (view) => client.setQueryData(planOf(testId).queryKey, view),
  });
  const errors = seal.error instanceof Problem ? seal.error.fields : {};
  const said = request.guess !== null || request.expectation.trim() !== '';
  return (
    <>
      <div className="flex flex-wrap items-end gap-4">
        {candidates.length > 1 && (
          <Field label="Of which" className="w-48" error={errors.candidateId}>
            <Select
              value={request.candidateId ?? candidates[0]?.id ?? ''}
              onChange={(e) => setRequest({ ...request, candidateId: e.target.value })}
            >
              {candidates.map((c) => (
                <option key={c.id} value={c.id}>
                  {labelOf(c)}
                </option>
              ))}
            </Select>
          </Field>
        )}
        <AsFigure
          guess={request.guess}
          error={errors['guess.size']}
          onChange={(guess) => setRequest({ ...request, guess })}
        />
        <Field label="In words, if you like" className="w-64" error={errors.expectation}>
          <Input
            maxLength={300}
            value={request.expectation}
            onChange={(e) => setRequest({ ...request, expectation: e.target.value })}
          />
        </Field>
        <YourName label="Said by" className="w-48" />
        <Button disabled={!stored.plan || !said || seal.isPending} onClick={() => seal.mutate()}>
          Seal it
        </Button>
        {!stored.plan && <span className="text-[13px] text-ink-3">Save the plan first.</span>}
      </div>
      {seal.error && <Failure error={seal.error} />}
    </>
  );
}

/** A figure can be held against what comes; words cannot. */
function AsFigure(props: {
  guess: Guess | null;
  error: string | undefined;
  onChange: (guess: Guess | null) => void;
}) {
  const { guess, onChange } = props;
  const entry = useEntries('guess');
  const chosen = (sense: string) => {
    if (sense === '') onChange(null);
    else if (sense === 'NO_DIFFERENCE') onChange({ sense, size: null });
    else onChange({ sense: sense as Guess['sense'], size: guess?.size ?? null });
  };
  return (
    <>
      <Field label="It will stop" className="w-40">
        <Select value={guess?.sense ?? ''} onChange={(e) => chosen(e.target.value)}>
          <option value="">no figure</option>
          <option value="SHORTER">shorter</option>
          <option value="LONGER">longer</option>
          <option value="NO_DIFFERENCE">no other</option>
        </Select>
      </Field>
      {guess && guess.sense !== 'NO_DIFFERENCE' && (
        <QuantityField
          className="w-40"
          allowed={entry('SIZE')}
          value={guess.size}
          {...(props.error !== undefined && { error: props.error })}
          onChange={(size) => onChange({ ...guess, size })}
        />
      )}
    </>
  );
}
