import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { NewTestForm, type NewTest } from '../../forms/NewTestForm';
import { YourName } from '../../forms/YourName';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Input } from '../../ui/Field';
import { Failure, Heading } from '../../ui/Layout';
import { Table, Td, Th } from '../../ui/Table';
import { ConditionFields } from './ConditionFields';
import { NO_CONDITIONS, saveRequest } from './request';
import { SpeedAsked } from './SpeedAsked';
import { stopsOf, type Incoming, type useMany } from './useMany';

const WORDS: Record<Incoming['state'], string> = {
  waiting: 'waiting',
  sending: 'being read',
  read: 'read',
  refused: 'cannot be read',
  saving: 'being kept',
  saved: 'kept',
};

/** Several files in one table: what is in each, of which configuration, in which block. */
export function ManyFiles(props: {
  many: ReturnType<typeof useMany>;
  testId: string | null;
  known: string[];
}) {
  const { many, testId } = props;
  const navigate = useNavigate();
  const client = useQueryClient();
  const { units } = usePreferences();
  const [newTest, setNewTest] = useState<NewTest | null>(null);
  const [conditions, setConditions] = useState(NO_CONDITIONS);
  const [speedAgreed, setSpeedAgreed] = useState(true);
  const wanted = many.files.filter((f) => f.wanted && f.state !== 'saved');
  const unread = many.files.some((f) => f.state === 'waiting' || f.state === 'sending');
  const speeds = many.files.flatMap((f) => f.preview?.foundMps.value ?? []);
  const foundMps = speeds.sort((a, b) => a - b)[Math.floor(speeds.length / 2)] ?? null;
  const anotherSpeed = wanted.find((f) => f.preview?.anotherSpeed)?.preview?.anotherSpeed ?? null;
  const save = useMutation({
    mutationFn: () =>
      many.save((file) =>
        saveRequest({
          preview: file.preview as NonNullable<Incoming['preview']>,
          testId,
          newTest,
          placing: {
            configuration: file.configuration,
            changed: '',
            block: file.block || String(blockOf(file, many.files)),
            left: new Set(),
          },
          changedBySheet: {},
          conditions,
          units,
        }),
      ),
    onSuccess: async (failed) => {
      await client.invalidateQueries();
      const id = testId ?? newTest?.test.id;
      if (failed === 0 && id) void navigate(`/tests/${id}/compare`);
    },
  });
  const nameless = wanted.filter((f) => f.preview?.log && f.configuration.trim() === '').length;
  const missing = [
    unread && 'wait until all are read',
    nameless > 0 &&
      `name ${nameless === 1 ? 'the configuration of one file' : `the configurations of ${nameless} files`}`,
    !testId && !newTest && 'describe the new test',
    !speedAgreed && 'settle the speed',
    wanted.length === 0 && 'want at least one file',
  ].filter(Boolean);
  return (
    <div className="grid gap-8">
      <section>
        <Heading note="each is kept by itself; one that fails stops no other">Files</Heading>
        <FileTable many={many} known={props.known} />
      </section>
      {!testId && !unread && <NewTestForm foundMps={foundMps} onReady={setNewTest} />}
      {testId && <SpeedAsked doubt={anotherSpeed} onAgreed={setSpeedAgreed} />}
      <ConditionFields conditions={conditions} onChange={setConditions}>
        <YourName />
      </ConditionFields>
      {save.error && <Failure error={save.error} />}
      <div className="flex flex-wrap items-center gap-4">
        <Button tone="main" disabled={missing.length > 0 || save.isPending} onClick={() => save.mutate()}>
          {save.isPending
            ? 'Keeping'
            : `Keep ${wanted.length} ${wanted.length === 1 ? 'file' : 'files'}, ${wanted.reduce((n, f) => n + stopsOf(f), 0)} stops`}
        </Button>
        {missing.length > 0 && (
          <span className="text-[13px] text-ink-2">Before that: {missing.join(', ')}.</span>
        )}
      </div>
    </div>
  );
}

function FileTable({ many, known }: { many: ReturnType<typeof useMany>; known: string[] }) {
  return (
    <>
      <datalist id="configurations">
        {known.map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
      <div className="overflow-x-auto">
        <Table aria-label="Files">
          <thead>
            <tr>
              <Th>take</Th>
              <Th>file</Th>
              <Th>what is in it</Th>
              <Th>configuration</Th>
              <Th>block</Th>
              <Th>state</Th>
            </tr>
          </thead>
          <tbody>
            {many.files.map((file) => (
              <FileRow key={file.id} file={file} all={many.files} onChange={(p) => many.change(file.id, p)} />
            ))}
          </tbody>
        </Table>
      </div>
    </>
  );
}

/** Files of one configuration are its blocks, in the order they stand in, where their names do not say. */
function blockOf(file: Incoming, all: Incoming[]): number {
  const same = all.filter((f) => f.wanted && f.configuration.trim() === file.configuration.trim());
  return same.indexOf(file) + 1;
}

function FileRow(props: { file: Incoming; all: Incoming[]; onChange: (part: Partial<Incoming>) => void }) {
  const { file, onChange } = props;
  const open = file.state === 'read';
  return (
    <tr>
      <Td>
        <input
          type="checkbox"
          aria-label={`Take ${file.name}`}
          className="size-4 accent-[var(--ink)]"
          checked={file.wanted}
          disabled={!open}
          onChange={() => onChange({ wanted: !file.wanted })}
        />
      </Td>
      <Td className="max-w-56 break-words">{file.name}</Td>
      <Td className="max-w-72">
        {file.preview?.log && `a log, ${stopsOf(file)} ${stopsOf(file) === 1 ? 'stop' : 'stops'}`}
        {file.preview?.sheet && `a sheet, ${stopsOf(file)} ${stopsOf(file) === 1 ? 'stop' : 'stops'}`}
        {file.preview?.alreadyIn && (
          <span className="block text-[13px] text-caution">These bytes are in already.</span>
        )}
        {file.problem && (
          <span role="alert" className="block text-[13px] text-block">
            {file.problem}
          </span>
        )}
      </Td>
      <Td className="min-w-44">
        {file.preview?.sheet ? (
          <span className="text-[13px] text-ink-3">as its rows say</span>
        ) : (
          <Input
            list="configurations"
            aria-label={`Configuration of ${file.name}`}
            disabled={!open}
            value={file.configuration}
            maxLength={200}
            onChange={(e) => onChange({ configuration: e.target.value })}
          />
        )}
      </Td>
      <Td className="w-20">
        {!file.preview?.sheet && (
          <Input
            aria-label={`Block of ${file.name}`}
            inputMode="numeric"
            disabled={!open}
            placeholder={String(blockOf(file, props.all) || 1)}
            value={file.block}
            onChange={(e) => onChange({ block: e.target.value.replace(/\D/g, '').slice(0, 3) })}
          />
        )}
      </Td>
      <Td role="status" className="whitespace-nowrap">
        {file.state === 'sending' && file.share < 1
          ? `sending, ${Math.round(100 * file.share)} %`
          : WORDS[file.state]}
      </Td>
    </tr>
  );
}
