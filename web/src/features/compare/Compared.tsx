import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { marks } from '../../api/queries';
import type { Comparison, Pair, SignRequest, TestDetail } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { useShortcuts } from '../../ui/shortcuts';
import { Bridge } from '../../charts/Bridge';
import { Lane } from '../../charts/lane/Lane';
import type { LaneRow } from '../../charts/lane/layout';
import { letterOf, type Letter } from '../../charts/letters';
import { said } from '../../units/units';
import { Folded } from '../../ui/Folded';
import { Heading, Strip } from '../../ui/Layout';
import { Checks } from './Checks';
import { Choices } from './Choices';
import { Headline } from './Headline';
import { PairTable } from './PairTable';
import { Ranked } from './Ranked';
import { Signed } from './Signed';
import { SeriesTable } from './SeriesTable';
import { Days } from './Days';
import { Ways } from './Ways';
import { WhichPart } from './WhichPart';
import { Sides } from './Sides';
import { Marks } from './Marks';
import { TakenOut } from './TakenOut';
import { TradeOffs } from './TradeOffs';

type Props = {
  data: Comparison;
  pair: Pair;
  letters: Map<string, Letter>;
  includeStruckOut: boolean;
  set: (key: string, value: string | null) => void;
  testId: string;
  expectation: TestDetail['expectation'];
  guesses: TestDetail['guesses'];
  /** What the test asks for first. */
  isFirst: boolean;
};

/** The page of a comparison that can be made. */
export function Compared({
  data,
  pair,
  letters,
  includeStruckOut,
  set,
  testId,
  expectation,
  guesses,
  isFirst,
}: Props) {
  const navigate = useNavigate();
  const { units } = usePreferences();
  const [asTable, setAsTable] = useState(false);
  const baseline = data.sides[0];
  const candidate = data.sides.find((s) => s.configurationId === pair.candidateId);
  const { hidden, toggle, keys } = useHidden(letters, baseline?.configurationId);
  const marked = useQuery(marks(testId, data.nominalSpeed)).data ?? [];
  useShortcuts({ ...keys, v: () => setAsTable(!asTable) });
  if (!baseline || !candidate) return null;
  const letter = (id: string) => letters.get(id) ?? 'F';
  const b = letter(candidate.configurationId);
  const request = {
    baselineId: baseline.configurationId,
    candidateId: pair.candidateId,
    includeStruckOut,
    group: isFirst ? null : data.group,
  };
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
      <Ranked
        data={data}
        candidateId={pair.candidateId}
        letter={letter}
        onChoose={(id) => set('candidate', id)}
      />
      <Sides data={data} candidateId={pair.candidateId} hidden={hidden} letter={letter} onToggle={toggle} />
      <Headline pair={pair} letter={b} time={time} expectation={expectation} guesses={guesses} />
      {!time && (
        <Strip tone="sheet" className="pt-2">
          <Lane
            rows={rows}
            marks={marked.map((m) => ({ id: m.id, metres: m.metres, label: m.mark.label }))}
            car={{ lengthM: data.carLengthM ?? 4.5, widthM: data.carWidthM ?? 1.8 }}
            units={units}
            asTable={asTable}
            onChoose={(stop) => void navigate(`/tests/${testId}/stops?stop=${stop.id}`)}
          />
        </Strip>
      )}
      <Strip className="grid gap-x-14 gap-y-8 lg:grid-cols-[1fr_1.2fr]">
        <div className="min-w-0">
          <Heading>What could be wrong with this</Heading>
          <Checks checks={pair.checks} />
          <div className="mt-6">
            <Heading>What to do next</Heading>
            <p className="text-sm">{said(pair.conclusion.next, units)}</p>
          </div>
          <Choices
            data={data}
            baselineId={baseline.configurationId}
            candidateId={pair.candidateId}
            letter={letter}
            includeStruckOut={includeStruckOut}
            set={set}
          />
          <Signed testId={testId} request={request} />
        </div>
        <Questions data={data} pair={pair} letter={letter}>
          <OtherLooks testId={testId} request={request} data={data} isFirst={isFirst} letter={letter} />
        </Questions>
      </Strip>
    </>
  );
}

/** Other ways, other days, other configurations, and what others say. */
function OtherLooks(props: {
  testId: string;
  request: SignRequest;
  data: Comparison;
  isFirst: boolean;
  letter: (id: string) => Letter;
}) {
  const { testId, request, data, isFirst, letter } = props;
  const time = data.basis === 'TIME_ONLY';
  return (
    <>
      <Folded
        lazy
        question="What would change this?"
        note="margin, confidence, drift, temperatures, struck-out stops"
      >
        <Ways testId={testId} request={request} />
      </Folded>
      {isFirst && (
        <>
          <Days testId={testId} request={request} time={time} />
          <Folded lazy question="Which part did it?" note="over everything that was driven alike">
            <WhichPart testId={testId} />
          </Folded>
          <Folded lazy question="What else speaks for or against?" note="noise, dust, feel; never summed">
            <TradeOffs testId={testId} sides={data.sides} letter={letter} />
          </Folded>
        </>
      )}
      {!time && (
        <Folded lazy question="What do others say?" note="a code’s limit, a maker’s figure">
          <Marks testId={testId} speed={data.nominalSpeed} />
        </Folded>
      )}
    </>
  );
}

/** What stands folded under the question it answers. */
function Questions(props: {
  data: Comparison;
  pair: Pair;
  letter: (id: string) => Letter;
  /** Other ways to look at it. */
  children: ReactNode;
}) {
  const { data, pair, letter, children } = props;
  const { units } = usePreferences();
  const baseline = data.sides[0];
  const candidate = data.sides.find((s) => s.configurationId === pair.candidateId);
  if (!baseline || !candidate) return null;
  const a = letter(baseline.configurationId);
  const b = letter(candidate.configurationId);
  return (
    <div className="min-w-0">
      {pair.metres && (
        <Folded
          open
          question="Where did the metres go?"
          note={`${a} to ${b} as driven, before correction, ${units.distance.unit}`}
        >
          <Bridge
            baseline={{ side: baseline, letter: a, asDriven: baseline.asDrivenMean.value ?? 0 }}
            candidate={{ side: candidate, letter: b }}
            metres={pair.metres}
            units={units}
          />
        </Folded>
      )}
      <Folded
        open={pair.grip.code.includes('TYRES')}
        question="Grip or brakes?"
        note="what set the distances"
      >
        <p className="max-w-[70ch] text-[15px]">{said(pair.grip, units)}</p>
        <p className="max-w-[70ch] text-[15px] font-[620] empty:hidden">{said(pair.turnOver, units)}</p>
      </Folded>
      {children}
      {pair.adjusted.length > 0 && (
        <Folded question="And with what else differed taken out?" note="blocks, drift, temperatures">
          <TakenOut pair={pair} time={data.basis === 'TIME_ONLY'} />
        </Folded>
      )}
      <Folded question="What are the figures of each?">
        <SeriesTable data={data} letter={letter} />
      </Folded>
      <Folded question="How was this found?" note="the statistics of the pair">
        <PairTable pair={pair} time={data.basis === 'TIME_ONLY'} />
      </Folded>
    </div>
  );
}

/** Which configurations are taken off the lane, by press or by the number of their letter; the baseline stays. */
function useHidden(letters: Map<string, Letter>, baselineId: string | undefined) {
  const [hidden, setHidden] = useState<ReadonlySet<string>>(new Set());
  const toggle = (id: string | undefined) => {
    if (!id || id === baselineId) return;
    const next = new Set(hidden);
    if (!next.delete(id)) next.add(id);
    setHidden(next);
  };
  const keys = Object.fromEntries(
    [1, 2, 3, 4, 5, 6].map((n) => [
      String(n),
      () => toggle([...letters].find(([, l]) => l === letterOf(n - 1))?.[0]),
    ]),
  );
  return { hidden, toggle, keys };
}
