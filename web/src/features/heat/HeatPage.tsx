import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { heat } from '../../api/queries';
import type { Heat, HeatSide } from '../../api/types';
import { said } from '../../units/units';
import { DiscsOf, useDiscs } from '../../reader/discs';
import { usePreferences } from '../../reader/preferences';
import { letterOf } from '../../charts/letters';
import { Segments } from '../../ui/Segments';
import { Answer, EmptySlab, Heading, Strip } from '../../ui/Layout';
import { Folded } from '../../ui/Folded';
import { LetGo } from '../../ui/LetGo';
import { Loaded } from '../../ui/Loaded';
import { AirFlow } from './AirFlow';
import { Duct } from './Duct';
import { CoolingBySpeed } from './CoolingBySpeed';
import { CoolingTable } from './CoolingTable';
import { Corners } from './Corners';
import { Fits } from './Fits';
import { HowHot } from './HowHot';
import { Laps } from './Laps';
import { Look } from './Look';
import { Pads } from './Pads';
import { Residuals } from './Residuals';
import { Sawtooth } from './Sawtooth';
import { SideBySide } from './SideBySide';
import { StopTable } from './StopTable';
import { hottestOf, LOOK_WORDS } from './words';

/** How hot did it get, how did it cool, and what do the pads want? */
export function HeatPage() {
  const { testId = '' } = useParams();
  const [query] = useSearchParams();
  const wanted = query.get('trough') === null ? null : Number(query.get('trough'));
  return (
    <Loaded query={useQuery(heat(testId, wanted))} what="Reading the discs">
      {(data) => (
        <DiscsOf names={data.discNames}>
          {data.sides.every((s) => hottestOf(s) === undefined) ? (
            <NothingRead testId={testId} sides={data.sides} />
          ) : (
            <Read testId={testId} data={data} />
          )}
        </DiscsOf>
      )}
    </Loaded>
  );
}

/** Nothing tells of a disc yet: what would, and where to enter it. */
function NothingRead({ testId, sides }: { testId: string; sides: HeatSide[] }) {
  const { units } = usePreferences();
  return (
    <Strip className="grid grid-cols-1 gap-6">
      <div>
        <h1 className="mb-4 text-[26px]">No disc temperatures yet</h1>
        <EmptySlab line="Sensors draw a line here, readings by hand open circles. Read the discs before and after each stop." />
      </div>
      {sides.map(
        (s, i) =>
          s.stops.length > 0 && (
            <HowHot key={s.configurationId} testId={testId} side={s} letter={letterOf(i)} units={units} />
          ),
      )}
    </Strip>
  );
}

const STOPS = 'stops';
const DAY = 'day';
const KEY =
  'what people read as circles at the peak it goes back to, with a dot where it was read; ladders as brackets';

/** How one configuration can be drawn: each of its recordings over time, all of its stops, and the whole day. */
function viewsOf(sides: readonly HeatSide[], side: HeatSide): [string, string][] {
  return [
    ...side.traces.map((t, i): [string, string] => [
      String(i),
      side.traces.length > 1 ? `block ${t.block}, log ${i + 1}` : 'over time',
    ]),
    [STOPS, 'stop by stop'],
    ...(sides.length > 1 ? [[DAY, 'the whole day'] as [string, string]] : []),
  ];
}

function Read({ testId, data }: { testId: string; data: Heat }) {
  const { units } = usePreferences();
  const named = useDiscs();
  const [query, setQuery] = useSearchParams();
  const chosen = Math.min(Number(query.get('side') ?? 0), data.sides.length - 1);
  const side = data.sides[chosen];
  const [wanted, setWanted] = useState<string>();
  if (!side) return null;
  const letter = letterOf(chosen);
  const cooled = data.sides.some((s) => Object.keys(s.cooling).length + Object.keys(s.standing).length > 0);
  const views = viewsOf(data.sides, side);
  const view = views.some(([v]) => v === wanted) ? (wanted ?? '') : (views[0]?.[0] ?? '');
  return (
    <>
      <Strip tone="sheet">
        <Answer
          sure={`Bulk temperature of the disc by sensor, or by hand and carried back to the peak; the rubbing surface flashed higher. ${said(data.averaged, units)}`}
        >
          {data.sentences.map((s) => said(s, units)).join(' ')}
        </Answer>
        <LetGo of={data.letGo} units={units} />
      </Strip>
      <Strip className="grid grid-cols-1 gap-6">
        <div className="flex flex-wrap gap-4">
          {data.sides.length > 1 && (
            <Segments
              label="Configuration"
              value={String(chosen)}
              options={data.sides.map((s, i) => [String(i), `${letterOf(i)} ${s.name}`])}
              onChange={(v) => setQuery({ side: v }, { replace: true })}
            />
          )}
          {views.length > 1 && <Segments label="Drawn" value={view} options={views} onChange={setWanted} />}
        </div>
        <div>
          <Heading
            note={`${units.temperature.unit}; ${named.map(([w, n]) => `${n} ${LOOK_WORDS[w]}`).join(', ')}; ${KEY}`}
          >
            {view === DAY ? 'Disc heat through the day' : `Disc heat through ${letter}’s series`}
          </Heading>
          <Sawtooth
            drawn={
              view === DAY ? data.sides.map((s, i) => ({ side: s, letter: letterOf(i) })) : [{ side, letter }]
            }
            trace={side.traces[Number(view)]}
            limitC={data.limitC}
            gate={data.gate}
            units={units}
          />
        </div>
        <div className="grid gap-8 lg:grid-cols-2">
          <Pads sides={data.sides} units={units} />
          <Look sides={data.sides} units={units} />
        </div>
        {data.sides.length > 1 && <SideBySide sides={data.sides} units={units} />}
        <HowHot testId={testId} side={side} letter={letter} units={units} />
        <div>
          {data.fits.length > 0 && (
            <Folded question="Which of the parts kept would fit?" note="pads, fluids and paint of the garage">
              <Fits fits={data.fits} units={units} />
            </Folded>
          )}
          <Folded question="How hot did each stop get?">
            <StopTable side={side} letter={letter} units={units} />
          </Folded>
          {cooled && (
            <Folded question="How fast does it cool?" note="time constants, and at which speed">
              <CoolingTable sides={data.sides} units={units} />
              <CoolingBySpeed sides={data.sides} units={units} />
            </Folded>
          )}
          <Folded question="Which disc takes what?" note="corner by corner, as measured and as laid out">
            <Corners sides={data.sides} units={units} />
          </Folded>
          <Laps testId={testId} units={units} />
          <Folded question="What do duct and air do?">
            {data.duct && <Duct duct={data.duct} units={units} />}
            <AirFlow testId={testId} sides={data.sides} notes={data.airFlow} units={units} />
          </Folded>
          {cooled && (
            <Folded question="How was this found?" note="what the fits of the cool-downs leave over">
              <Residuals sides={data.sides} units={units} />
            </Folded>
          )}
        </div>
      </Strip>
    </>
  );
}
