import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import { retention } from '../../api/queries';
import type { RecordedTime, Retention } from '../../api/types';
import { Field, Select } from '../../ui/Field';
import { Failure, Heading } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { useUndo } from '../../ui/Undo';
import { moment } from '../../units/when';

const FOR_GOOD = 'for good';

/** How long raw samples are kept; only an owner chooses. */
export function Samples({ governs }: { governs: boolean }) {
  return (
    <section>
      <Heading note="what was measured from them stays, and so does every verdict">
        Raw samples of logs
      </Heading>
      <Loaded query={useQuery(retention())} what="Reading how long samples are kept">
        {(now) => <Kept now={now} governs={governs} />}
      </Loaded>
    </section>
  );
}

function Kept({ now, governs }: { now: Retention; governs: boolean }) {
  const client = useQueryClient();
  const say = useUndo();
  const choose = useMutation({
    mutationFn: (months: number | null) => ask(api.PUT('/api/retention', { body: { months } })),
    onSuccess: (answer) => client.setQueryData(retention().queryKey, answer),
  });
  const chosen = now.months ? String(now.months) : FOR_GOOD;
  return (
    <div className="grid max-w-[70ch] gap-3 text-[14.5px]">
      <p>
        {recordings(now.kept)} with samples, {megabytes(now.bytes)} on the disk.
        {now.letGo > 0 && ` The samples of ${now.letGo} more were let go.`}
      </p>
      {governs ? (
        <Field label="Kept" className="w-96 max-w-full">
          <Select
            value={chosen}
            disabled={choose.isPending}
            onChange={(e) => {
              const months = Number(e.target.value) || null;
              const before = now.months ?? null;
              choose.mutate(months, {
                onSuccess: () =>
                  say({
                    message: months ? `Samples go after ${months} months.` : 'Samples are kept for good.',
                    undo: () => choose.mutate(before),
                  }),
              });
            }}
          >
            <option>{FOR_GOOD}</option>
            {now.choices.map((c) => (
              <option key={c.months} value={c.months}>
                {c.months} months; today {c.goes.recordings ? recordings(c.goes) : 'nothing'} would go
              </option>
            ))}
          </Select>
        </Field>
      ) : (
        <p>
          Kept {now.months ? `${now.months} months` : FOR_GOOD}
          {now.by && `, as ${now.by} chose`}.
        </p>
      )}
      {choose.error && <Failure error={choose.error} />}
      {now.months && (
        <p>
          Chosen by {now.by || 'somebody'}.{' '}
          {now.notBefore
            ? `${recordings(now.marked)} marked to go; the first on ${moment(now.notBefore)}, unless the choice is taken back before.`
            : 'What is older is marked within the hour and goes a week later; until then the choice can be taken back.'}{' '}
          After that, only a backup made earlier brings samples back.
        </p>
      )}
      <p className="text-ink-2">
        Without its samples a stop keeps its distance, speeds, temperatures and flags. Its curves are not
        drawn, its edges cannot be moved, and its shares of pressure, bite, judder, laps and cool-downs are
        not read again.
      </p>
    </div>
  );
}

/** "3 recordings (1.2 h)". */
function recordings({ recordings: n, durationS }: RecordedTime) {
  return `${n} ${n === 1 ? 'recording' : 'recordings'} (${(durationS / 3600).toFixed(1)} h)`;
}

const megabytes = (bytes: number) => `${(bytes / 1e6).toFixed(bytes < 1e7 ? 1 : 0)} MB`;
