import { useMutation, useQuery, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api, ask } from '../../api/client';
import { sheetForm, test } from '../../api/queries';
import type { KeepRequest, SheetForm, StopView, TestDetail } from '../../api/types';
import { useSymbols } from '../../forms/useForms';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Failure, Heading, Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { Table, Td, Th } from '../../ui/Table';
import { number } from '../../units/units';
import { EmptySheets, PrintedSheet } from './EmptySheets';
import { columnsOf, FIRST_COLUMNS, NOBODY_WROTE } from './first';
import { cellsOf, correcting } from './kept';
import { freshSheet, tableOf } from './sheet';
import { TypedTable } from './TypedTable';
import { useReading } from './useReading';
import { useSheet } from './useSheet';
import { Verdict } from './Verdict';
import { YourName } from '../../forms/YourName';

/** The same table for a test that has stops: more of them, and those that were written down wrongly. */
export function MoreStopsPage() {
  const { testId = '' } = useParams();
  const { data: form } = useSuspenseQuery(sheetForm());
  return (
    <Loaded query={useQuery(test(testId))} what="Reading the test">
      {(detail) => <MoreStops key={testId} detail={detail} form={form} />}
    </Loaded>
  );
}

function MoreStops({ detail, form }: { detail: TestDetail; form: SheetForm }) {
  const { system } = usePreferences();
  const symbol = useSymbols();
  const typed = useSheet(detail.test.id, () => freshSheet(columnsOf(form, FIRST_COLUMNS, system)));
  const names = detail.configurations.map((c) => c.name);
  const table = tableOf(typed.sheet, names);
  const { reading, isCurrent, error } = useReading(detail.test.id, null, table);
  const shown = reading?.comparison?.sides.map((s) => s.configuration) ?? [];
  const correct = (stop: StopView) => {
    const series = detail.series.find((s) => s.id === stop.seriesId);
    const configuration = detail.configurations.find((c) => c.id === series?.configurationId);
    if (!stop.byHand || !series || !configuration) return;
    const cells = cellsOf(stop.byHand, configuration.name, series.block, symbol);
    typed.change((sheet) => correcting(sheet, stop, cells, form));
  };
  return (
    <>
      <Strip tone="sheet" className="no-print">
        <h1 className="text-[26px]">Type or paste more stops</h1>
      </Strip>
      <Strip className="no-print grid grid-cols-1 gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
        <div className="grid min-w-0 content-start gap-4">
          <TypedTable form={form} typed={typed} reading={reading} configurations={names} />
          <Keep detail={detail} typed={typed} table={table} stops={isCurrent ? reading?.stops : undefined} />
          <EmptySheets form={form} columns={typed.sheet.columns} />
          <ByHand detail={detail} typed={typed} onCorrect={correct} />
        </div>
        <div className="min-w-0">
          {error ? (
            <Failure error={error} />
          ) : (
            <Verdict reading={reading} letters={[...new Set([...names, ...shown])]} />
          )}
        </div>
      </Strip>
      <PrintedSheet form={form} columns={typed.sheet.columns} name={detail.test.question} />
    </>
  );
}

function Keep(props: {
  detail: TestDetail;
  typed: ReturnType<typeof useSheet>;
  table: KeepRequest['table'];
  stops: number | undefined;
}) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const { id } = props.detail.test;
  const keep = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/sheet', {
          body: { testId: id, newVehicle: null, newTest: null, conditions: NOBODY_WROTE, table: props.table },
        }),
      ),
    onSuccess: async () => {
      props.typed.forget();
      await client.invalidateQueries();
      void navigate(`/tests/${id}/compare`);
    },
  });
  return (
    <div className="grid gap-2">
      <YourName />
      <Button
        tone="main"
        className="justify-self-start"
        disabled={!props.stops || keep.isPending}
        onClick={() => keep.mutate()}
      >
        {props.stops
          ? `Keep ${props.stops === 1 ? 'this stop' : `these ${props.stops} stops`}`
          : 'Keep the stops'}
      </Button>
      {keep.error && <Failure error={keep.error} />}
    </div>
  );
}

/** What is kept already: it is never overwritten, only struck out or written anew by somebody with a name. */
function ByHand(props: {
  detail: TestDetail;
  typed: ReturnType<typeof useSheet>;
  onCorrect: (stop: StopView) => void;
}) {
  const { units } = usePreferences();
  const { detail, typed } = props;
  const [all, setAll] = useState(false);
  const byHand = detail.stops.filter((s) => s.byHand && !s.struckOut);
  if (byHand.length === 0) return null;
  const named = (stop: StopView) => {
    const series = detail.series.find((s) => s.id === stop.seriesId);
    return detail.configurations.find((c) => c.id === series?.configurationId)?.name ?? '';
  };
  const shown = all ? byHand : byHand.slice(0, 12);
  return (
    <section>
      <Heading note="as they were kept; strike one out on its own page">Stops by hand</Heading>
      <Table>
        <thead>
          <tr>
            <Th>Stop</Th>
            <Th>Configuration</Th>
            <Th numeric>Distance, {units.distance.unit}</Th>
            <Th numeric>Time, s</Th>
            <Th />
          </tr>
        </thead>
        <tbody>
          {shown.map((s) => (
            <tr key={s.id}>
              <Td>
                <Link className="underline" to={`/tests/${detail.test.id}/stops?stop=${s.id}`}>
                  {s.number}
                </Link>
              </Td>
              <Td>{named(s)}</Td>
              <Td numeric>
                {s.byHand?.distance?.inside === undefined
                  ? '–'
                  : number(units.distance.of(s.byHand.distance.inside), units.distance.decimals)}
              </Td>
              <Td numeric>{s.byHand?.time?.entered ?? '–'}</Td>
              <Td>
                <Button
                  tone="link"
                  aria-label={`Write stop ${s.number} of ${named(s)} anew`}
                  disabled={typed.sheet.rows.some((r) => r.corrects === s.id)}
                  onClick={() => props.onCorrect(s)}
                >
                  Write anew
                </Button>
              </Td>
            </tr>
          ))}
        </tbody>
      </Table>
      {byHand.length > shown.length && (
        <Button className="mt-2" onClick={() => setAll(true)}>
          Show all {byHand.length}
        </Button>
      )}
    </section>
  );
}
