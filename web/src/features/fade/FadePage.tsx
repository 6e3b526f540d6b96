import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { fade } from '../../api/queries';
import type { Fade, FadeSide } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { letterOf } from '../../charts/letters';
import { Segments } from '../../ui/Segments';
import { Answer, EmptySlab, Heading, Strip } from '../../ui/Layout';
import { Folded } from '../../ui/Folded';
import { Loaded } from '../../ui/Loaded';
import { said, type UnitTable } from '../../units/units';
import { Drawn } from './Drawn';
import { useDrawn } from './useDrawn';
import { CauseStrip } from './CauseStrip';
import { GroupTable } from './GroupTable';
import { JudderTable } from './JudderTable';
import { Ladder } from './Ladder';
import { Limits } from './Limits';
import { Overlays } from './Overlays';
import { MEASURED, type Measured } from './measured';
import { seriesName } from './words';

type Reference = 'FIRST_THREE_IN_GATE' | 'FIRST_STOP';

/** Does it fade, from when, and why? */
export function FadePage() {
  const { testId = '' } = useParams();
  const [query, setQuery] = useSearchParams();
  const reference: Reference = query.get('reference') === 'FIRST_STOP' ? 'FIRST_STOP' : 'FIRST_THREE_IN_GATE';
  const choose = (r: Reference) => setQuery(r === 'FIRST_STOP' ? { reference: r } : {}, { replace: true });
  return (
    <Loaded query={useQuery(fade(testId, reference))} what="Reading the series">
      {(data) =>
        [data, ...data.others].every((g) => g.sides.every((s) => s.study.levels.length === 0)) ? (
          <Strip>
            <h1 className="mb-4 text-[26px]">No series yet</h1>
            <EmptySlab line="Every stop will be a rung here. Three and more, one after another, show whether they fade." />
          </Strip>
        ) : (
          <Read testId={testId} data={data} reference={reference} onReference={choose} />
        )
      }
    </Loaded>
  );
}

function Read(props: {
  testId: string;
  data: Fade;
  reference: Reference;
  onReference: (r: Reference) => void;
}) {
  const { data } = props;
  const { units } = usePreferences();
  const groups = [data, ...data.others];
  return (
    <>
      {groups.map((group, i) => (
        <Series
          key={seriesName(group, units)}
          data={group}
          group={i}
          testId={props.testId}
          title={groups.length > 1 ? seriesName(group, units) : undefined}
          reference={props.reference}
          onReference={props.onReference}
        />
      ))}
      <Strip className="grid grid-cols-1 gap-5">
        <Folded question="Does it judder?" note="what goes round with the wheel">
          <JudderTable testId={props.testId} units={units} />
        </Folded>
        <p className="text-[13px] text-ink-3">
          A pedal that goes to the floor, or fluid fade, ends testing until the system is inspected and bled.
        </p>
      </Strip>
    </>
  );
}

/** Stops from one speed with one load, read by themselves. */
function Series(props: {
  testId: string;
  data: Fade;
  group: number;
  /** Where the test has several. */
  title: string | undefined;
  reference: Reference;
  onReference: (r: Reference) => void;
}) {
  const { data, title } = props;
  const { units } = usePreferences();
  const [measured, setMeasured] = useState<Measured>('SHARE');
  const { drawn, toggle } = useDrawn(data.sides);
  return (
    <>
      <Strip tone="sheet">
        {title && <Heading note="never averaged with the test’s other stops">{title}</Heading>}
        <Answer sure={said(data.readFrom, units)}>
          {data.sentences.map((s) => said(s, units)).join(' ')}
        </Answer>
      </Strip>
      <Strip className="grid grid-cols-1 gap-5">
        <div className="flex flex-wrap items-center justify-between gap-3">
          <Drawn sides={data.sides} drawn={drawn} onToggle={toggle} />
          <Segments<Measured>
            label="Measured by"
            value={measured}
            options={MEASURED}
            onChange={setMeasured}
          />
          <Segments<Reference>
            label="Against which stops"
            value={props.reference}
            options={[
              ['FIRST_THREE_IN_GATE', 'against the first three'],
              ['FIRST_STOP', 'against stop 1'],
            ]}
            onChange={props.onReference}
          />
        </div>
        <Ladder
          sides={data.sides.filter((s) => drawn.has(s.configurationId))}
          letters={data.sides.flatMap((s, i) => (drawn.has(s.configurationId) ? [letterOf(i)] : []))}
          measured={measured}
          units={units}
        />
        {data.sides.map((s, i) => (
          <CauseStrip key={s.configurationId} side={s} index={i} units={units} />
        ))}
        <Differences sides={data.sides} units={units} />
        <Limits sides={data.sides} units={units} />
        <div>
          <Folded question="How much at the beginning, in the middle, at the end?">
            <GroupTable
              title="First, middle, last"
              note="medians of neighbouring stops"
              sides={data.sides}
              groups={(s) => s.study.thirds}
              units={units}
            />
            <GroupTable
              title="Phase by phase"
              note="against the reference; hold them against the limits of your own local code"
              sides={data.sides}
              groups={(s) => s.study.phases}
              units={units}
            />
          </Folded>
          <Folded question="Does it go on from stop to stop?">
            <Trends sides={data.sides} units={units} />
          </Folded>
          <Folded
            question="What do the stops look like, one over the other?"
            note="bite and pedal over pressure"
          >
            <Overlays
              testId={props.testId}
              group={props.group}
              reference={data.reference}
              sides={data.sides}
              units={units}
            />
          </Folded>
        </div>
      </Strip>
    </>
  );
}

function Differences({ sides, units }: { sides: FadeSide[]; units: UnitTable }) {
  const told = sides.flatMap((s) => s.againstFirst ?? []);
  if (told.length === 0) return null;
  return (
    <section className="text-[14px]">
      <Heading note="in points of each one’s own reference, with the 95 % range">Like for like</Heading>
      {told.map((d) => (
        <p key={said(d, units)}>{said(d, units)}</p>
      ))}
    </section>
  );
}

function Trends({ sides, units }: { sides: FadeSide[]; units: UnitTable }) {
  return (
    <section className="text-[14px]">
      <Heading note="median slope with its 95 % range">Trend</Heading>
      {sides.map((s) => (
        <p key={s.configurationId}>{said(s.answer.trend, units)}</p>
      ))}
    </section>
  );
}
