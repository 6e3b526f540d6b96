import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, as, ask } from '../../api/client';
import { trials } from '../../api/queries';
import type { Configuration, Trial, TrialKind } from '../../api/types';
import { Photos } from '../../forms/Photos';
import { useChoices, useEntries, useSymbols } from '../../forms/useForms';
import { useDiscs } from '../../reader/discs';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Failure } from '../../ui/Layout';
import { useUndo } from '../../ui/Undo';
import { TellTrial } from './TellTrial';
import { moment } from '../../units/when';

/** One trial: the guess, what came of it, and its pictures. */
export function TrialEntry(props: {
  testId: string;
  trial: Trial;
  sides: Configuration[];
  kinds: TrialKind[];
}) {
  const { testId, trial, kinds } = props;
  const { person } = usePreferences();
  const [telling, setTelling] = useState(false);
  const forget = useForgetting(testId);
  const kind = kinds.find((k) => k.kind === trial.kind);
  const side = props.sides.find((s) => s.id === trial.configurationId);
  return (
    <li className="grid max-w-[100ch] gap-2 border-t border-rule pt-3 text-[15px]">
      <h2 className="text-[17px] font-[650]">
        {kind?.label}, {side?.name}
      </h2>
      <p className="text-ink-2">
        {trial.guess === ''
          ? 'Nobody wrote a guess down before.'
          : `Guessed before by ${trial.guessedBy}, ${minute(trial.guessedAt)}: “${trial.guess}”`}
      </p>
      {trial.result ? (
        <Told trial={trial} />
      ) : (
        <p>
          <b className="font-[650]">Still to tell.</b> {kind?.caution}
        </p>
      )}
      <div className="flex flex-wrap items-center gap-4">
        <Button onClick={() => setTelling(true)}>
          {trial.result ? 'Tell it anew' : 'Tell what came of it'}
        </Button>
        <Photos testId={testId} subjectId={trial.id} of="trial" holder={person} />
        <Button
          tone="link"
          aria-label={`Remove ${kind?.label ?? 'the trial'}`}
          onClick={() => forget.mutate(trial)}
        >
          Remove
        </Button>
      </div>
      {forget.error && <Failure error={forget.error} />}
      {telling && kind && (
        <TellTrial testId={testId} trial={trial} kind={kind} onClose={() => setTelling(false)} />
      )}
    </li>
  );
}

/** When, as the wall shows it to whoever reads. */
const minute = (instant: string) => moment(instant);

function Told({ trial }: { trial: Trial }) {
  const symbol = useSymbols();
  const named = useDiscs();
  const entry = useEntries('trial');
  const words = useTold(trial);
  const result = trial.result;
  if (!result) return null;
  const figures = Object.entries(result.figures).map(([field, q]) =>
    `${entry(field).label.toLowerCase()} ${q.entered} ${symbol(q.unit)}`.trim(),
  );
  const wheels = named.flatMap(([wheel, name]) => {
    const q = result.wheels[wheel];
    return q
      ? [`${name} ${q.entered} ${symbol(q.unit)}${result.locked.includes(wheel) ? ', locked' : ''}`]
      : [];
  });
  return (
    <>
      {result.seen && <p>{result.seen}</p>}
      <p className="text-ink-2">{[...figures, ...wheels, ...words].join(' · ')}</p>
      <p className="text-[13px] text-ink-3">
        Told by {trial.toldBy}, {trial.toldAt && minute(trial.toldAt)}
      </p>
    </>
  );
}

/** What was chosen of lists, in words. */
function useTold({ result }: Trial): string[] {
  const pedals = useChoices('pedals');
  const airs = useChoices('airFlows');
  const guesses = useChoices('asGuessed');
  const label = (of: typeof pedals, name: string | null | undefined) =>
    of.filter((c) => c.name === name).map((c) => c.label);
  return [
    ...label(airs, result?.method),
    ...label(pedals, result?.pedal).map((p) => `pedal ${p}`),
    ...label(guesses, result?.guess),
  ];
}

/** Gone at once, and back again with everything on undo. */
function useForgetting(testId: string) {
  const client = useQueryClient();
  const undo = useUndo();
  const again = () => client.invalidateQueries({ queryKey: trials(testId).queryKey });
  const back = useMutation({
    mutationFn: async (t: Trial) => {
      const { id, configurationId, kind, guess, result } = t;
      await ask(
        api.PUT('/api/tests/{testId}/trials/{id}', {
          params: { path: { testId, id } },
          headers: as(t.guessedBy),
          body: { configurationId, kind, guess },
        }),
      );
      if (!result) return;
      await ask(
        api.PUT('/api/trials/{id}/result', {
          params: { path: { id } },
          headers: t.toldBy ? as(t.toldBy) : {},
          body: result,
        }),
      );
    },
    onSuccess: again,
  });
  return useMutation({
    mutationFn: (t: Trial) => ask(api.DELETE('/api/trials/{id}', { params: { path: { id: t.id } } })),
    onSuccess: (_, t) => {
      undo({ message: 'The trial is removed.', undo: () => back.mutate(t) });
      return again();
    },
  });
}
