import { newId } from '../../api/newId';
import { useMutation, useQuery, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, ask } from '../../api/client';
import { sheetForm, vehicles } from '../../api/queries';
import type { KeepRequest } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Failure, Strip } from '../../ui/Layout';
import { EmptySheets, PrintedSheet } from './EmptySheets';
import { NOTHING_ASKED, Question, vehicleNamed, type Asked } from './Question';
import { columnsOf, FIRST_COLUMNS, NOBODY_WROTE } from './first';
import { freshSheet, tableOf } from './sheet';
import { TypedTable } from './TypedTable';
import { useReading } from './useReading';
import { useSheet } from './useSheet';
import { Verdict } from './Verdict';
import { YourName } from '../../forms/YourName';

/** From nothing to a first verdict: a question, a car and two names by hand, and the stops typed or pasted. */
export function TypePage() {
  const { data: form } = useSuspenseQuery(sheetForm());
  const { system } = usePreferences();
  const [asked, setAsked] = useState<Asked>(NOTHING_ASKED);
  const typed = useSheet('new', () => freshSheet(columnsOf(form, FIRST_COLUMNS, system)));
  const names = [asked.baseline.trim() || 'A', asked.changed.trim() || 'B'];
  const table = tableOf(typed.sheet, names);
  const { reading, isCurrent, error } = useReading(null, asked.speed, table);
  const letters = reading?.comparison?.sides.map((s) => s.configuration) ?? names;
  return (
    <>
      <Strip tone="sheet" className="no-print grid gap-4">
        <h1 className="text-[26px]">Type or paste stops</h1>
        <Question asked={asked} onChange={setAsked} />
      </Strip>
      <Strip className="no-print grid grid-cols-1 gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
        <div className="grid min-w-0 content-start gap-4">
          <TypedTable form={form} typed={typed} reading={reading} configurations={names} />
          <Keep asked={asked} typed={typed} table={table} stops={isCurrent ? reading?.stops : undefined} />
          <EmptySheets form={form} columns={typed.sheet.columns} />
        </div>
        <div className="min-w-0">
          {error ? (
            <Failure error={error} />
          ) : (
            <Verdict reading={reading} letters={[...new Set([...names, ...letters])]} />
          )}
        </div>
      </Strip>
      <PrintedSheet form={form} columns={typed.sheet.columns} name={asked.question || 'Stops'} />
    </>
  );
}

function Keep(props: {
  asked: Asked;
  typed: ReturnType<typeof useSheet>;
  table: KeepRequest['table'];
  /** How many can be kept; unknown while the table is being read. */
  stops: number | undefined;
}) {
  const { asked } = props;
  const navigate = useNavigate();
  const client = useQueryClient();
  const known = useQuery(vehicles());
  const [ids] = useState(() => ({ test: newId(), vehicle: newId() }));
  const missing = missingOf(asked);
  const keep = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/sheet', {
          body: keepRequest(asked, props.table, ids, vehicleNamed(known.data, asked.vehicle)?.id),
        }),
      ),
    onSuccess: async ({ testId }) => {
      props.typed.forget();
      await client.invalidateQueries();
      void navigate(`/tests/${testId}/compare`);
    },
  });
  return (
    <div className="grid gap-2">
      <YourName />
      <div className="flex flex-wrap items-center gap-3">
        <Button
          tone="main"
          disabled={missing.length > 0 || !props.stops || keep.isPending}
          onClick={() => keep.mutate()}
        >
          {props.stops
            ? `Keep ${props.stops === 1 ? 'this stop' : `these ${props.stops} stops`}`
            : 'Keep the stops'}
        </Button>
        {missing.length > 0 && <p className="text-[13px] text-ink-3">Still to say: {missing.join(', ')}.</p>}
      </div>
      {keep.error && <Failure error={keep.error} />}
    </div>
  );
}

const missingOf = (asked: Asked) =>
  [
    asked.question.trim() === '' && 'what you want to know',
    asked.vehicle.trim() === '' && 'the vehicle',
    asked.speed === null && 'the speed',
  ].filter((m) => m !== false);

function keepRequest(
  asked: Asked,
  table: KeepRequest['table'],
  ids: { test: string; vehicle: string },
  knownVehicle: string | undefined,
): KeepRequest {
  const today = new Date().toISOString().slice(0, 10);
  return {
    testId: ids.test,
    newVehicle: knownVehicle
      ? null
      : { id: ids.vehicle, name: asked.vehicle.trim(), description: '', spec: null },
    newTest: {
      id: ids.test,
      vehicleId: knownVehicle ?? ids.vehicle,
      question: asked.question.trim(),
      lane: '',
      grade: null,
      nominalSpeed: { value: asked.speed?.entered ?? 0, unit: asked.speed?.unit ?? 'KILOMETRES_PER_HOUR' },
      basis: 'ONSET_TO_REST',
      marginSize: 0.02,
      marginOfBaseline: true,
      drivenOn: today,
      rehearsal: false,
    },
    conditions: { ...NOBODY_WROTE, drivenOn: today },
    table,
  };
}
