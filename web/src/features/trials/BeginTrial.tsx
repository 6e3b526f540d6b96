import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask } from '../../api/client';
import { trials } from '../../api/queries';
import type { Configuration, TrialKind } from '../../api/types';
import { YourName } from '../../forms/YourName';
import { Button } from '../../ui/Button';
import { Field, Input, Select } from '../../ui/Field';
import { Failure } from '../../ui/Layout';
import { Sheet } from '../../ui/Sheet';

/** What will be done, with which configuration, and what somebody expects of it. */
export function BeginTrial(props: {
  id: string;
  testId: string;
  sides: Configuration[];
  kinds: TrialKind[];
  onClose: () => void;
}) {
  const { id, testId, sides, kinds, onClose } = props;
  const client = useQueryClient();
  const [kind, setKind] = useState<TrialKind['kind']>(kinds[0]?.kind ?? 'CIRCUIT');
  const [configurationId, setConfigurationId] = useState(sides[0]?.id ?? '');
  const [guess, setGuess] = useState('');
  const begin = useMutation({
    mutationFn: () =>
      ask(
        api.PUT('/api/tests/{testId}/trials/{id}', {
          params: { path: { testId, id } },
          body: { configurationId, kind, guess: guess.trim() },
        }),
      ),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: trials(testId).queryKey });
      onClose();
    },
  });
  return (
    <Sheet
      open
      title="Begin a trial"
      description={kinds.find((k) => k.kind === kind)?.caution ?? ''}
      onClose={onClose}
    >
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          begin.mutate();
        }}
      >
        <Field label="What will be done">
          <Select value={kind} onChange={(e) => setKind(e.target.value as TrialKind['kind'])}>
            {kinds.map((k) => (
              <option key={k.kind} value={k.kind}>
                {k.label}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="Configuration">
          <Select value={configurationId} onChange={(e) => setConfigurationId(e.target.value)}>
            {sides.map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}
              </option>
            ))}
          </Select>
        </Field>
        <Field
          label="Your guess, before"
          help="What you expect to see. It is not changed afterwards; empty if you have none."
        >
          <Input maxLength={500} value={guess} onChange={(e) => setGuess(e.target.value)} />
        </Field>
        <YourName />
        {begin.error && <Failure error={begin.error} />}
        <Button type="submit" tone="main" disabled={!configurationId || begin.isPending}>
          Write it down and begin
        </Button>
      </form>
    </Sheet>
  );
}
