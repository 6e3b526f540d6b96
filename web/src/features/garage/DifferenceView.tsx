import { newId } from '../../api/newId';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import { difference } from '../../api/queries';
import type { Configuration, Figure } from '../../api/types';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Field';
import { EmptySlab, Failure } from '../../ui/Layout';
import { costWords } from './CostField';
import { Loaded } from '../../ui/Loaded';
import { Status } from '../../ui/Status';
import { Table, Td, Th } from '../../ui/Table';
import { usePreferences } from '../../reader/preferences';
import { number, twice, type Shown } from '../../units/units';
import { labelOf } from '../../ui/labels';

/** What changes from one configuration to another, and whether a test of the two could name a cause. */
export function DifferenceView(props: {
  all: Configuration[];
  a: string;
  b: string;
  set: (key: string, value: string) => void;
}) {
  const { all, a, b, set } = props;
  const { mass } = usePreferences().units;
  const compared = useQuery(difference(a, b));
  if (all.length < 2) return <EmptySlab line="A second configuration is needed to tell what changed." />;
  const pick = (label: string, key: string, value: string) => (
    <label className="text-[13px] font-[600]">
      {label}
      <Select value={value} onChange={(e) => set(key, e.target.value)}>
        {all.map((c) => (
          <option key={c.id} value={c.id}>
            {labelOf(c)}
          </option>
        ))}
      </Select>
    </label>
  );
  return (
    <>
      <div className="mb-6 grid max-w-3xl gap-4 md:grid-cols-2">
        {pick('From', 'a', a)}
        {pick('To', 'b', b)}
      </div>
      {a === b ? (
        <EmptySlab line="These are the same. Choose two." />
      ) : (
        <Loaded query={compared} what="Comparing the parts">
          {(d) => (
            <div className="grid gap-6">
              <h2 className="max-w-[52ch] text-[22px]">
                {d.factors.length === 0
                  ? 'Nothing that affects braking differs between them.'
                  : d.factors.length === 1
                    ? `Only the ${d.factors[0]} change${d.factors[0]?.endsWith('s') ? '' : 's'}: a test can tell what they do.`
                    : d.warning}
              </h2>
              {d.warning && <InBetween a={a} b={b} factors={d.factors} set={set} />}
              {d.changes.length > 0 && (
                <Table className="max-w-4xl">
                  <thead>
                    <tr>
                      <Th>what</Th>
                      <Th>factor</Th>
                      <Th>{d.first}</Th>
                      <Th>{d.second}</Th>
                    </tr>
                  </thead>
                  <tbody>
                    {d.changes.map((c) => (
                      <tr key={c.place}>
                        <Td>{c.place}</Td>
                        <Td>{c.factor}</Td>
                        <Td data-as-typed>{c.before}</Td>
                        <Td data-as-typed>{c.after}</Td>
                      </tr>
                    ))}
                  </tbody>
                </Table>
              )}
              <dl className="grid max-w-4xl gap-4 text-sm md:grid-cols-3">
                <Sum
                  name={`Mass of the changed parts, ${mass.unit}`}
                  figure={d.massKg}
                  told={(x) =>
                    `${massWords(x, twice(d.massUncertaintyKg), mass)} ${x < 0 ? 'lighter' : 'heavier'}`
                  }
                />
                <Sum
                  name="Cost of the changed parts"
                  figure={d.cost}
                  told={(x) => costWords(x, d.currency)}
                />
                <Sum name="Hours to fit them" figure={d.hours} told={(x) => number(x, 1)} />
              </dl>
            </div>
          )}
        </Loaded>
      )}
    </>
  );
}

/** No more digits than the scales gave. */
function massWords(kg: number, plusMinus: Figure, mass: Shown): string {
  const size = mass.of(Math.abs(kg));
  if (plusMinus.value === undefined) return `${number(size, mass.decimals)} ± ?`;
  const half = mass.of(plusMinus.value);
  const decimals = Math.max(0, Math.min(4, -Math.floor(Math.log10(half))));
  return `${number(size, decimals)} ± ${number(half, decimals)}`;
}

function Sum({ name, figure, told }: { name: string; figure: Figure; told: (x: number) => string }) {
  return (
    <div>
      <dt className="text-[13px] text-ink-3">{name}</dt>
      <dd className={figure.value === undefined ? 'text-[13px]' : 'text-lg font-[650]'}>
        {figure.value === undefined ? `cannot be computed: ${figure.reason}` : told(figure.value)}
      </dd>
    </div>
  );
}

function InBetween(props: { a: string; b: string; factors: string[]; set: (k: string, v: string) => void }) {
  const client = useQueryClient();
  const make = useMutation({
    mutationFn: (factor: string) =>
      ask(
        api.POST('/api/configurations/{a}/between/{b}', {
          params: { path: { a: props.a, b: props.b }, query: { factor, id: newId() } },
        }),
      ),
    onSuccess: async (c) => {
      await client.invalidateQueries({ queryKey: ['vehicles'] });
      props.set('b', c.id);
    },
  });
  return (
    <div className="flex flex-wrap items-center gap-3 text-sm">
      <Status kind="caution" word="Caution" />
      Make the configuration in between, with only
      {props.factors.map((f) => (
        <Button key={f} onClick={() => make.mutate(f)} disabled={make.isPending}>
          the {f}
        </Button>
      ))}
      {make.error && <Failure error={make.error} />}
    </div>
  );
}
