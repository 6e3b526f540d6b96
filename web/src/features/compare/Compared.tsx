import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Comparison, Pair, TestDetail } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { useShortcuts } from '../../ui/shortcuts';
import { Bridge } from '../../charts/Bridge';
import { IntervalTape } from '../../charts/IntervalTape';
import { Lane } from '../../charts/lane/Lane';
import type { LaneRow } from '../../charts/lane/layout';
import { letterOf, type Letter } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { number, said } from '../../units/units';
import { Select } from '../../ui/Field';
import { Answer, Heading, Strip } from '../../ui/Layout';
import { Checks } from './Checks';
import { PairTable } from './PairTable';
import { SeriesTable } from './SeriesTable';
import { Sure } from './Sure';

type Props = {
  data: Comparison;
  pair: Pair;
  letters: Map<string, Letter>;
  includeStruckOut: boolean;
  set: (key: string, value: string | null) => void;
  testId: string;
  expectation: TestDetail['expectation'];
};

/** The page of a comparison that can be made. */
export function Compared({ data, pair, letters, includeStruckOut, set, testId, expectation }: Props) {
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
        <div>
          <Answer sure={<Sure pair={pair} />}>{said(pair.conclusion.sentence, units)}</Answer>
          {expectation && (
            <p className="mt-1.5 text-[14.5px] text-ink-2">
              Expected before the first stop: <b className="font-[650] text-ink">{expectation.expectation}</b>
              , said {expectation.by}.
            </p>
          )}
        </div>
        {pair.interval && pair.difference.value !== undefined && pair.margin.value !== undefined && (
          <div className="w-[400px] max-w-full">
            <IntervalTape
              letter={b}
              difference={pair.difference.value}
              low={pair.interval.low}
              high={pair.interval.high}
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
            <p className="text-sm">{said(pair.conclusion.next, units)}</p>
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
            <StruckOutToo included={includeStruckOut} onChange={(on) => set('struck', on ? 'in' : null)} />
          </div>
        </div>
      </Strip>
    </>
  );
}

/** Ticked at once; the address, and with it the figures, may follow a moment later. */
function StruckOutToo({ included, onChange }: { included: boolean; onChange: (on: boolean) => void }) {
  const [ticked, setTicked] = useState(included);
  const [followed, setFollowed] = useState(included);
  if (followed !== included) {
    setFollowed(included);
    setTicked(included);
  }
  return (
    <label className="flex items-center gap-2 text-sm">
      <input
        type="checkbox"
        className="size-4 accent-[var(--ink)]"
        checked={ticked}
        onChange={(e) => {
          setTicked(e.target.checked);
          onChange(e.target.checked);
        }}
      />
      Show the figures with struck-out stops in them
    </label>
  );
}
