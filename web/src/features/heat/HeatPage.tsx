import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { heat } from '../../api/queries';
import type { Heat } from '../../api/types';
import { usePreferences } from '../../app/preferences';
import { letterOf } from '../../charts/letters';
import { Segments } from '../../ui/Button';
import { Answer, EmptySlab, Heading, Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { AirFlow } from './AirFlow';
import { Blocking } from './Blocking';
import { CoolingBySpeed } from './CoolingBySpeed';
import { CoolingTable } from './CoolingTable';
import { Corners } from './Corners';
import { HowHot } from './HowHot';
import { Laps } from './Laps';
import { Look } from './Look';
import { Pads } from './Pads';
import { Sawtooth } from './Sawtooth';
import { SideBySide } from './SideBySide';
import { StopTable } from './StopTable';
import { heatAnswer, hottestOf } from './words';

/** How hot did it get, how did it cool, and what do the pads want? */
export function HeatPage() {
  const { testId = '' } = useParams();
  const [query] = useSearchParams();
  const wanted = query.get('trough') === null ? null : Number(query.get('trough'));
  return (
    <Loaded query={useQuery(heat(testId, wanted))} what="Reading the discs">
      {(data) =>
        data.sides.every((s) => !hottestOf(s)) ? (
          <Strip>
            <h1 className="mb-4 text-[26px]">No disc temperatures yet</h1>
            <EmptySlab line="Sensors draw a line here, readings by hand open circles. Read the discs before and after each stop." />
          </Strip>
        ) : (
          <Read testId={testId} data={data} />
        )
      }
    </Loaded>
  );
}

function Read({ testId, data }: { testId: string; data: Heat }) {
  const { units } = usePreferences();
  const [query, setQuery] = useSearchParams();
  const chosen = Math.min(Number(query.get('side') ?? 0), data.sides.length - 1);
  const side = data.sides[chosen];
  const [trace, setTrace] = useState('0');
  if (!side) return null;
  const letter = letterOf(chosen);
  return (
    <>
      <Strip tone="sheet">
        <Answer sure="Bulk temperature of the disc by sensor, or by hand and carried back to the peak; the rubbing surface flashed higher.">
          {heatAnswer(data.sides, units)}
        </Answer>
      </Strip>
      <Strip className="grid gap-6">
        <div className="flex flex-wrap gap-4">
          {data.sides.length > 1 && (
            <Segments
              label="Configuration"
              value={String(chosen)}
              options={data.sides.map((s, i) => [String(i), `${letterOf(i)} ${s.name}`])}
              onChange={(v) => setQuery({ side: v }, { replace: true })}
            />
          )}
          {side.traces.length > 1 && (
            <Segments
              label="Recording"
              value={trace}
              options={side.traces.map((t, i) => [String(i), `block ${t.block}, log ${i + 1}`])}
              onChange={setTrace}
            />
          )}
        </div>
        <div>
          <Heading
            note={`${units.temperature.unit}; front left thick, front right thin, rear left dashed, rear right short dashed; figures at the foot are stops; circles are readings by hand at the peak they go back to, brackets are ladders`}
          >
            Disc heat through {letter}’s series
          </Heading>
          <Sawtooth
            side={side}
            trace={side.traces[Number(trace)] ?? side.traces[0]}
            limitC={data.limitC}
            gate={data.gate}
            letter={letter}
            units={units}
          />
        </div>
        <HowHot testId={testId} side={side} letter={letter} units={units} />
        <div className="grid gap-8 lg:grid-cols-2">
          <Pads sides={data.sides} units={units} />
          <Look sides={data.sides} units={units} />
        </div>
        <Laps testId={testId} units={units} />
        {data.sides.length > 1 && <SideBySide sides={data.sides} units={units} />}
        <CoolingTable sides={data.sides} units={units} />
        <CoolingBySpeed sides={data.sides} units={units} />
        <Corners sides={data.sides} units={units} />
        {data.blocking && <Blocking blocking={data.blocking} units={units} />}
        <AirFlow testId={testId} sides={data.sides} notes={data.airFlow} units={units} />
        <StopTable side={side} letter={letter} units={units} />
      </Strip>
    </>
  );
}
