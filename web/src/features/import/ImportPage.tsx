import { newId } from '../../api/newId';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { api, ask, upload } from '../../api/client';
import { tests } from '../../api/queries';
import type { ImportPreview, Role, SaveRequest } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Field, Select } from '../../ui/Field';
import { Failure, Heading, Strip } from '../../ui/Layout';
import { ConditionFields } from './ConditionFields';
import { ChannelTable, HealthCard } from './LogCards';
import { NewTestForm, type NewTest } from '../../forms/NewTestForm';
import { YourName } from '../../forms/YourName';
import { LogPlacement, SheetPlacement, type Placing } from './Placement';
import { FileDrop } from './FileDrop';
import { ManyFiles } from './ManyFiles';
import { NO_CONDITIONS, saveRequest } from './request';
import { SpeedAsked } from './SpeedAsked';
import { SpeedStrip } from './SpeedStrip';
import { useMany } from './useMany';

const NEW = 'new';
const SLOW_MS = 1000;

/** A file comes in: chosen, looked at, corrected, saved. */
export function ImportPage() {
  const [query] = useSearchParams();
  const all = useQuery(tests());
  const [testId, setTestId] = useState<string | null>(query.get('test'));
  const chosenTest = testId ?? NEW;
  const known = chosenTest === NEW ? null : chosenTest;
  const summary = all.data?.find((t) => t.test.id === known);
  const incoming = useIncoming(known);
  const many = useMany(known, summary?.configurations ?? []);
  const [several, setSeveral] = useState(false);
  const take = (files: File[]) => {
    const [first] = files;
    setSeveral(files.length > 1);
    if (files.length > 1) void many.start(files);
    else if (first) void incoming.start(first);
  };
  return (
    <>
      <Strip tone="sheet">
        <h1 className="text-[26px]">Bring in logs and stop sheets</h1>
        <p className="mt-1 max-w-[80ch] text-[14.5px] text-ink-2">
          A log is a CSV with a time and a speed column, units in its header, a GPX track, or a receiver’s
          NMEA sentences. A stop sheet has one row for each stop measured by tape, wheel or stopwatch. You see
          what was recognised before anything is kept.
        </p>
      </Strip>
      <Strip className="grid gap-8 lg:grid-cols-[340px_1fr]">
        <div className="grid content-start gap-5">
          <Field label="Into which test">
            <Select value={chosenTest} onChange={(e) => setTestId(e.target.value)}>
              <option value={NEW}>A new test…</option>
              {all.data?.map((t) => (
                <option key={t.test.id} value={t.test.id}>
                  {t.test.question}
                </option>
              ))}
            </Select>
          </Field>
          <FileDrop onFiles={take} progress={several ? null : incoming.progress} />
          {!several && incoming.error !== null && <Failure error={incoming.error} />}
        </div>
        <div className="min-w-0">
          <What {...{ several, many, incoming }} testId={known} known={summary?.configurations ?? []} />
        </div>
      </Strip>
    </>
  );
}

/** What came in: one file in full, several in a table. */
function What(props: {
  several: boolean;
  many: ReturnType<typeof useMany>;
  incoming: ReturnType<typeof useIncoming>;
  testId: string | null;
  known: string[];
}) {
  const { preview, setRoles } = props.incoming;
  if (props.several) return <ManyFiles key={props.many.files[0]?.id} {...props} />;
  return preview ? (
    <Preview key={preview.id} preview={preview} {...props} onRoles={setRoles} />
  ) : (
    <div className="flex min-h-64 items-center bg-slab px-8 text-ink-3">
      What is in the files will be shown here.
    </div>
  );
}

const ofTest = (testId: string | null): { testId?: string } => (testId ? { testId } : {});

/** One file's way from the disk to its preview, with progress once it takes more than a second. */
function useIncoming(testId: string | null) {
  const [preview, setPreview] = useState<ImportPreview | null>(null);
  const [error, setError] = useState<unknown>(null);
  const [progress, setProgress] = useState<string | null>(null);
  const timer = useRef<number | undefined>(undefined);
  const previewId = preview?.id;
  useEffect(() => {
    // The stops are measured at the chosen test's nominal speed, so another test means another look.
    if (previewId) {
      ask(api.GET('/api/imports/{id}', { params: { path: { id: previewId }, query: ofTest(testId) } })).then(
        setPreview,
        setError,
      );
    }
  }, [testId, previewId]);
  const start = async (file: File) => {
    const id = newId();
    setError(null);
    setPreview(null);
    const begun = Date.now();
    timer.current = window.setInterval(() => {
      if (Date.now() - begun > SLOW_MS) {
        void ask(api.GET('/api/imports/{id}/progress', { params: { path: { id } } })).then(
          (p) => p.rows > 0 && setProgress(`Reading row ${p.rows.toLocaleString('en')}`),
        );
      }
    }, 400);
    try {
      setPreview(
        await upload<ImportPreview>(
          `/imports/${id}?${new URLSearchParams({ fileName: file.name, ...(testId && { testId }) })}`,
          file,
          (share) => setProgress(share < 1 ? `Sending, ${Math.round(100 * share)} %` : 'Reading the file'),
        ),
      );
    } catch (e) {
      setError(e);
    } finally {
      window.clearInterval(timer.current);
      setProgress(null);
    }
  };
  const setRoles = (roles: Record<number, Role>) => {
    if (preview) {
      ask(
        api.PUT('/api/imports/{id}/roles', {
          params: { path: { id: preview.id }, query: ofTest(testId) },
          body: roles,
        }),
      ).then((p) => {
        setError(null);
        setPreview(p);
      }, setError);
    }
  };
  return { preview, error, progress, start, setRoles };
}

function Preview({
  preview,
  testId,
  onRoles,
}: {
  preview: ImportPreview;
  testId: string | null;
  onRoles: (roles: Record<number, Role>) => void;
}) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { units } = usePreferences();
  const [placing, setPlacing] = useState<Placing>({
    configuration: '',
    changed: '',
    block: '1',
    left: new Set(),
  });
  const [changedBySheet, setChangedBySheet] = useState<Record<string, string>>({});
  const [conditions, setConditions] = useState(NO_CONDITIONS);
  const known = useQuery(tests()).data?.find((t) => t.test.id === testId)?.configurations ?? [];
  const [newTest, setNewTest] = useState<NewTest | null>(null);
  const [speedAgreed, setSpeedAgreed] = useState(true);
  const foundMps = preview.foundMps.value ?? null;
  const save = useMutation({
    mutationFn: (request: SaveRequest) =>
      ask(api.POST('/api/imports/{id}/save', { params: { path: { id: preview.id } }, body: request })),
    onSuccess: async ({ testId: id }) => {
      await queries.invalidateQueries();
      void navigate(`/tests/${id}/stops`);
    },
  });
  const log = preview.log;
  const count = log ? log.stops.length - placing.left.size : (preview.sheet?.stops.length ?? 0);
  const missing = [
    !testId && !newTest && 'describe the new test',
    log && placing.configuration.trim() === '' && 'name the configuration',
    !speedAgreed && 'settle the speed',
    count === 0 && 'choose at least one stop',
  ].filter(Boolean);
  return (
    <div className="grid gap-8">
      <div>
        <Heading note={`${(preview.file.bytes / 1e6).toFixed(1)} MB`}>{preview.file.name}</Heading>
        {preview.alreadyIn && (
          <p className="border-l-[3px] border-caution bg-sheet p-3 text-sm">
            These very bytes are in already.{' '}
            {preview.alreadyIn.testId && (
              <Link className="underline" to={`/tests/${preview.alreadyIn.testId}/stops`}>
                Open the stops that came from them
              </Link>
            )}
            , or bring them in once more below.
          </p>
        )}
      </div>
      {log && (
        <>
          <SpeedStrip speed={log.speed} durationS={log.durationS} stops={log.stops} />
          <HealthCard log={log} />
          <ChannelTable log={log} onRoles={onRoles} />
          <LogPlacement stops={log.stops} placing={placing} known={known} onChange={setPlacing} />
        </>
      )}
      {preview.sheet && (
        <SheetPlacement sheet={preview.sheet} changed={changedBySheet} onChanged={setChangedBySheet} />
      )}
      {!testId && <NewTestForm foundMps={foundMps} onReady={setNewTest} />}
      {testId && <SpeedAsked doubt={preview.anotherSpeed} onAgreed={setSpeedAgreed} />}
      <ConditionFields conditions={conditions} onChange={setConditions}>
        <YourName />
      </ConditionFields>
      {save.error && <Failure error={save.error} />}
      <div className="flex flex-wrap items-center gap-4">
        <Button
          tone="main"
          disabled={missing.length > 0 || save.isPending}
          onClick={() =>
            save.mutate(saveRequest({ preview, testId, newTest, placing, changedBySheet, conditions, units }))
          }
        >
          {save.isPending ? 'Saving' : `Save ${count} ${count === 1 ? 'stop' : 'stops'}`}
        </Button>
        {missing.length > 0 && (
          <span className="text-[13px] text-ink-2">Before that: {missing.join(', ')}.</span>
        )}
      </div>
    </div>
  );
}
