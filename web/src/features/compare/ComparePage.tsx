import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { comparison, test } from '../../api/queries';
import type { Check, Comparison, Pair } from '../../api/types';
import { usePreferences } from '../../app/preferences';
import { useShortcuts } from '../../app/shortcuts';
import { Bridge } from '../../charts/Bridge';
import { IntervalTape } from '../../charts/IntervalTape';
import { Lane, type LaneRow } from '../../charts/Lane';
import { letterOf, type Letter } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { figure, number, signed } from '../../units/units';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Field';
import { Answer, EmptySlab, Failure, Heading, Reading, Strip } from '../../ui/Layout';
import { Status } from '../../ui/Status';
import { Table, Td, Th } from '../../ui/Table';
import { byChance, howSure, nextStep, verdictSentence } from './words';

/** Which configuration stops shorter, how sure that is, and what could be wrong with it. */
export function ComparePage() {
  const { testId = '' } = useParams();
  const [query, setQuery] = useSearchParams();
  const includeStruckOut = query.get('struck') === 'in';
  const detail = useQuery(test(testId));
  const { data, error } = useQuery({
    ...comparison(testId, query.get('baseline'), includeStruckOut),
    placeholderData: keepPreviousData,
  });
  const failed = error ?? detail.error;
  if (failed)
    return (
      <Strip>
        <Failure error={failed} />
      </Strip>
    );
  if (!data || !detail.data)
    return (
      <Strip>
        <Reading what="Comparing the stops" />
      </Strip>
    );
  const letters = new Map(detail.data.configurations.map((c, i) => [c.id, letterOf(i)]));
  const set = (key: string, value: string | null) => {
    const next = new URLSearchParams(query);
    if (value === null) next.delete(key);
    else next.set(key, value);
    setQuery(next, { replace: true });
  };
  if (data.comparisons.length === 0) return <NothingToCompare testId={testId} />;
  const pair = data.comparisons.find((c) => c.candidateId === query.get('candidate')) ?? data.comparisons[0];
  return pair ? (
    <Compared
      data={data}
      pair={pair}
      letters={letters}
      includeStruckOut={includeStruckOut}
      set={set}
      testId={testId}
    />
  ) : null;
}

function NothingToCompare({ testId }: { testId: string }) {
  const navigate = useNavigate();
  return (
    <Strip>
      <h1 className="mb-4 text-[26px]">Nothing to compare yet</h1>
      <EmptySlab line="A second configuration will be drawn under the first. A verdict needs three stops of each.">
        <Button tone="main" onClick={() => void navigate(`/import?test=${testId}`)}>
          Bring in its stops
        </Button>
      </EmptySlab>
    </Strip>
  );
}

type Props = {
  data: Comparison;
  pair: Pair;
  letters: Map<string, Letter>;
  includeStruckOut: boolean;
  set: (key: string, value: string | null) => void;
  testId: string;
};

function Compared({ data, pair, letters, includeStruckOut, set, testId }: Props) {
  const navigate = useNavigate();
  const { units } = usePreferences();
  const [hidden, setHidden] = useState<ReadonlySet<string>>(new Set());
  const [asTable, setAsTable] = useState(false);
  const baseline = data.sides[0];
  const candidate = data.sides.find((s) => s.configurationId === pair.candidateId);
  const toggle = (id: string | undefined) => {
    if (!id || id === baseline?.configurationId) return;
    const next = new Set(hidden);
    if (!next.delete(id)) next.add(id);
    setHidden(next);
  };
  const byKey = Object.fromEntries(
    [1, 2, 3, 4, 5, 6].map((n) => [
      String(n),
      () => toggle([...letters].find(([, l]) => l === letterOf(n - 1))?.[0]),
    ]),
  );
  useShortcuts({ ...byKey, v: () => setAsTable(!asTable) });
  if (!baseline || !candidate) return null;
  const letter = (id: string) => letters.get(id) ?? 'F';
  const a = letter(baseline.configurationId);
  const b = letter(candidate.configurationId);
  const time = data.basis === 'TIME_ONLY';
  const rows: LaneRow[] = data.sides
    .filter((s) => !hidden.has(s.configurationId))
    .map((side) => ({
      side,
      letter: letter(side.configurationId),
      pair: data.comparisons.find((c) => c.candidateId === side.configurationId) ?? null,
    }));
  return (
    <>
      <Strip
        className="sticky top-0 z-[1] flex flex-wrap items-center gap-x-6 gap-y-2 bg-ground py-2 text-sm"
        aria-label="Configurations"
      >
        {data.sides.map((s, i) => (
          <button
            key={s.configurationId}
            type="button"
            aria-pressed={!hidden.has(s.configurationId)}
            onClick={() => toggle(s.configurationId)}
            className="flex min-h-6 items-center gap-2 aria-[pressed=false]:line-through aria-[pressed=false]:opacity-60"
          >
            <MarkLabel letter={letter(s.configurationId)} />
            {s.configuration}
            <i className="text-[13px] text-ink-3 not-italic">
              {i === 0 ? 'baseline' : s.configurationId === pair.candidateId ? 'candidate' : 'also shown'}
            </i>
          </button>
        ))}
        <span className="ml-auto text-[13px] text-ink-3">
          {number(units.speed.of(data.nominalSpeed), 0)} to 0 {units.speed.unit} · corrected for entry speed ·
          ± is the 95 % range
        </span>
      </Strip>
      <Strip tone="sheet" className="flex flex-wrap justify-between gap-8 pb-1">
        <Answer sure={<Sure pair={pair} time={time} />}>{verdictSentence(pair, a, b, data, units)}</Answer>
        {pair.interval95 && pair.difference.value !== undefined && pair.margin.value !== undefined && (
          <div className="w-[400px] max-w-full">
            <IntervalTape
              letter={b}
              difference={pair.difference.value}
              low={pair.interval95.low}
              high={pair.interval95.high}
              margin={pair.margin.value}
              sign={time ? 1 : -1}
              better={time ? 'harder' : 'shorter'}
              shown={time ? units.deceleration : units.distance}
            />
          </div>
        )}
      </Strip>
      {!time && (
        <Strip tone="sheet" className="pt-2">
          <Lane
            rows={rows}
            car={{ lengthM: data.carLengthM ?? 4.5, widthM: data.carWidthM ?? 1.8 }}
            units={units}
            asTable={asTable}
            onChoose={(stop) => void navigate(`/tests/${testId}/stops?stop=${stop.id}`)}
          />
        </Strip>
      )}
      <Strip className="grid gap-x-14 gap-y-8 lg:grid-cols-[1.2fr_1fr]">
        <div className="min-w-0">
          {pair.metres && (
            <>
              <Heading note={`${a} to ${b} as driven, before correction, ${units.distance.unit}`}>
                Where the metres went
              </Heading>
              <Bridge
                baseline={{ side: baseline, letter: a, asDriven: baseline.asDrivenMean.value ?? 0 }}
                candidate={{ side: candidate, letter: b }}
                metres={pair.metres}
                units={units}
              />
            </>
          )}
          <SeriesTable data={data} letter={letter} />
          <PairTable pair={pair} time={time} />
        </div>
        <div className="min-w-0">
          <Heading>What could be wrong with this</Heading>
          <Checks checks={pair.checks} />
          <div className="mt-6">
            <Heading>What to do next</Heading>
            <p className="text-sm">{nextStep(pair, a, b, units, time)}</p>
          </div>
          <div className="no-print mt-6 grid max-w-md gap-3">
            <label className="text-[13px] font-[600]">
              Baseline
              <Select value={baseline.configurationId} onChange={(e) => set('baseline', e.target.value)}>
                {data.sides.map((s) => (
                  <option key={s.configurationId} value={s.configurationId}>
                    {letter(s.configurationId)} {s.configuration}
                  </option>
                ))}
              </Select>
            </label>
            {data.comparisons.length > 1 && (
              <label className="text-[13px] font-[600]">
                Candidate
                <Select value={pair.candidateId} onChange={(e) => set('candidate', e.target.value)}>
                  {data.comparisons.map((c) => (
                    <option key={c.candidateId} value={c.candidateId}>
                      {letter(c.candidateId)} {c.candidate}
                    </option>
                  ))}
                </Select>
              </label>
            )}
            <label className="flex items-center gap-2 text-sm">
              <input
                type="checkbox"
                className="size-4 accent-[var(--ink)]"
                checked={includeStruckOut}
                onChange={(e) => set('struck', e.target.checked ? 'in' : null)}
              />
              Show the figures with struck-out stops in them
            </label>
          </div>
        </div>
      </Strip>
    </>
  );
}

function Sure({ pair, time }: { pair: Pair; time: boolean }) {
  const { units } = usePreferences();
  const shown = time ? units.deceleration : units.distance;
  if (!pair.interval95) {
    return <>The figures of each side stand below; nothing is claimed about their difference.</>;
  }
  const sign = time ? 1 : -1;
  const ends = [sign * shown.of(pair.interval95.low), sign * shown.of(pair.interval95.high)].sort(
    (x, y) => x - y,
  );
  return (
    <>
      <b className="font-[650] text-ink">{howSure(pair.p.value)}.</b> 95 % range{' '}
      {number(ends[0] ?? 0, shown.decimals)} to {number(ends[1] ?? 0, shown.decimals)} {shown.unit}{' '}
      {time ? 'harder' : 'shorter'}; {byChance(pair.p.value)}. For this car, load, tyres and lane.
    </>
  );
}

const WORDS = {
  PASS: ['pass', 'Pass'],
  CAUTION: ['caution', 'Caution'],
  BLOCK: ['block', 'Blocks'],
} as const;

function Checks({ checks }: { checks: Check[] }) {
  return (
    <Table aria-label="Checks">
      <tbody>
        {checks.map((c) => (
          <tr key={c.code + c.message}>
            <Td className="w-24">
              <Status kind={WORDS[c.level][0]} word={WORDS[c.level][1]} />
            </Td>
            <Td>{c.title}</Td>
            <Td numeric className="text-[13px] text-ink-3">
              {c.message}
            </Td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

function SeriesTable({ data, letter }: { data: Comparison; letter: (id: string) => Letter }) {
  const { units } = usePreferences();
  const shown = data.basis === 'TIME_ONLY' ? units.deceleration : units.distance;
  const more = shown.decimals + 1;
  return (
    <div className="mt-6 overflow-x-auto">
      <Heading note={`${shown.unit}, ± is the 95 % range of the mean`}>The series</Heading>
      <Table>
        <thead>
          <tr>
            <Th>configuration</Th>
            <Th numeric>valid</Th>
            <Th numeric>struck out</Th>
            <Th numeric>to repeat</Th>
            <Th numeric>mean ±</Th>
            <Th numeric>SD</Th>
            <Th numeric>median</Th>
            <Th numeric>range</Th>
            <Th numeric>CV, %</Th>
          </tr>
        </thead>
        <tbody>
          {data.sides.map((s) => (
            <tr key={s.configurationId}>
              <Td className="whitespace-nowrap">
                <MarkLabel letter={letter(s.configurationId)} /> {s.configuration}
              </Td>
              <Td numeric>{s.n}</Td>
              <Td numeric>{s.struckOut}</Td>
              <Td numeric>{s.repeat}</Td>
              <Td numeric className="whitespace-nowrap">
                <b className="font-[650]">{figure(s.mean, shown)}</b>{' '}
                <span className="text-ink-3">± {figure(s.halfWidth95, shown)}</span>
              </Td>
              <Td numeric>{figure(s.sd, shown, more)}</Td>
              <Td numeric>{figure(s.median, shown)}</Td>
              <Td numeric>{figure(s.range, shown)}</Td>
              <Td numeric>{figure(s.cv, units.share)}</Td>
            </tr>
          ))}
        </tbody>
      </Table>
    </div>
  );
}

/** The statistics behind the sentence, for whoever wants to check them. */
function PairTable({ pair, time }: { pair: Pair; time: boolean }) {
  const { units } = usePreferences();
  const shown = time ? units.deceleration : units.distance;
  const plain = (f: { value?: number }, decimals: number) =>
    f.value === undefined ? '–' : number(f.value, decimals);
  if (!pair.interval95) return null;
  const rows: [string, string][] = [
    [
      `difference, ${shown.unit}`,
      pair.difference.value === undefined ? '–' : signed(shown.of(pair.difference.value), shown.decimals + 1),
    ],
    [
      'difference, % of the baseline',
      pair.differencePercent.value === undefined ? '–' : signed(pair.differencePercent.value, 1),
    ],
    ['Welch t (degrees of freedom)', `${plain(pair.welchT, 2)} (${plain(pair.degreesOfFreedom, 1)})`],
    [
      'p, p by permutation, p after Holm',
      `${small(pair.p.value)}, ${small(pair.permutationP.value)}, ${small(pair.holmP.value)}`,
    ],
    ['effect size, Hedges g', plain(pair.hedgesG, 1)],
    [
      'spread, candidate to baseline',
      pair.sdRatioInterval
        ? `${plain(pair.sdRatio, 2)} (${number(pair.sdRatioInterval.low, 2)} to ${number(pair.sdRatioInterval.high, 2)}), p ${small(pair.brownForsytheP.value)}`
        : plain(pair.sdRatio, 2),
    ],
    [`instruments cannot see below, ${shown.unit}`, figure(pair.instrumentFloor, shown, shown.decimals + 1)],
  ];
  return (
    <details className="mt-4">
      <summary className="cursor-pointer text-[13px] text-ink-2">The statistics</summary>
      <Table className="mt-2 max-w-xl">
        <tbody>
          {rows.map(([name, value]) => (
            <tr key={name}>
              <Td>{name}</Td>
              <Td numeric>{value}</Td>
            </tr>
          ))}
        </tbody>
      </Table>
    </details>
  );
}

const small = (p: number | undefined) => (p === undefined ? '–' : p < 0.001 ? 'under 0.001' : number(p, 3));
