import { newId } from '../../api/newId';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask } from '../../api/client';
import { tradeOffs } from '../../api/queries';
import type { Side, TradeOff, TradeOffNote } from '../../api/types';
import type { Letter } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Button } from '../../ui/Button';
import { Field, Input, Select } from '../../ui/Field';
import { word } from '../../ui/labels';
import { Failure } from '../../ui/Layout';
import { useUndo } from '../../ui/Undo';

const ABOUT: TradeOff['about'][] = [
  'NOISE',
  'DUST',
  'COLD_BITE',
  'FEEL',
  'WEAR',
  'APPROVAL',
  'SOMETHING_ELSE',
];
const SPEAKS = { FOR: 'speaks for it', AGAINST: 'speaks against it' } as const;

/** What speaks for or against a configuration beside its stops; nothing of it is summed. */
export function TradeOffs(props: { testId: string; sides: Side[]; letter: (id: string) => Letter }) {
  const { testId, letter } = props;
  const all = useQuery(tradeOffs(testId)).data ?? [];
  const { put, remove } = useChanging(testId);
  return (
    <>
      {all.length > 0 && (
        <ul className="grid gap-1.5 text-[14.5px]">
          {all.map((note) => (
            <li key={note.id} className="flex flex-wrap items-baseline gap-x-3">
              <MarkLabel letter={letter(note.configurationId)} />
              <span>
                <b className="font-[650]">{word(note.tradeOff.about)}</b> {SPEAKS[note.tradeOff.speaks]}:{' '}
                {note.tradeOff.note}
              </span>
              <Button
                tone="link"
                aria-label={`Take out the note on ${word(note.tradeOff.about).toLowerCase()}`}
                onClick={() => remove.mutate(note)}
              >
                Take out
              </Button>
            </li>
          ))}
        </ul>
      )}
      <Adding
        {...props}
        pending={put.isPending}
        onAdd={(configurationId, tradeOff, done) =>
          put.mutate({ id: newId(), configurationId, tradeOff }, { onSuccess: done })
        }
      />
      {put.error && <Failure error={put.error} />}
    </>
  );
}

function Adding(props: {
  sides: Side[];
  letter: (id: string) => Letter;
  pending: boolean;
  onAdd: (configurationId: string, tradeOff: TradeOff, done: () => void) => void;
}) {
  const { sides, letter } = props;
  const [of, setOf] = useState(sides[1]?.configurationId ?? '');
  const [note, setNote] = useState<TradeOff>({ about: 'NOISE', speaks: 'AGAINST', note: '' });
  return (
    <form
      className="no-print grid max-w-2xl gap-3 md:grid-cols-3"
      onSubmit={(e) => {
        e.preventDefault();
        props.onAdd(of, note, () => setNote({ ...note, note: '' }));
      }}
    >
      <Field label="Of which">
        <Select value={of} onChange={(e) => setOf(e.target.value)}>
          {sides.map((s) => (
            <option key={s.configurationId} value={s.configurationId}>
              {letter(s.configurationId)} {s.configuration}
            </option>
          ))}
        </Select>
      </Field>
      <Field label="About">
        <Select
          value={note.about}
          onChange={(e) => setNote({ ...note, about: e.target.value as TradeOff['about'] })}
        >
          {ABOUT.map((a) => (
            <option key={a} value={a}>
              {word(a)}
            </option>
          ))}
        </Select>
      </Field>
      <Field label="It speaks">
        <Select
          value={note.speaks}
          onChange={(e) => setNote({ ...note, speaks: e.target.value as TradeOff['speaks'] })}
        >
          <option value="FOR">for it</option>
          <option value="AGAINST">against it</option>
        </Select>
      </Field>
      <Field label="In a few words" className="md:col-span-2">
        <Input
          maxLength={200}
          value={note.note}
          onChange={(e) => setNote({ ...note, note: e.target.value })}
        />
      </Field>
      <div className="self-end">
        <Button type="submit" disabled={!note.note.trim() || props.pending}>
          Note it
        </Button>
      </div>
    </form>
  );
}

function useChanging(testId: string) {
  const client = useQueryClient();
  const undo = useUndo();
  const again = () => client.invalidateQueries({ queryKey: tradeOffs(testId).queryKey });
  const put = useMutation({
    mutationFn: ({ id, configurationId, tradeOff }: TradeOffNote) =>
      ask(
        api.PUT('/api/tests/{testId}/trade-offs/{id}', {
          params: { path: { testId, id } },
          body: { configurationId, tradeOff },
        }),
      ),
    onSuccess: again,
  });
  const remove = useMutation({
    mutationFn: (n: TradeOffNote) =>
      ask(api.DELETE('/api/trade-offs/{id}', { params: { path: { id: n.id } } })),
    onSuccess: (_, n) => {
      undo({ message: 'The note is taken out.', undo: () => put.mutate(n) });
      return again();
    },
  });
  return { put, remove };
}
