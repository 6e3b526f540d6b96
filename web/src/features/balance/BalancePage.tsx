import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { balance, test } from '../../api/queries';
import type { Balance, Finding } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { usePreferences } from '../../reader/preferences';
import { Folded } from '../../ui/Folded';
import { Answer, EmptySlab, Heading, Strip } from '../../ui/Layout';
import { LetGo } from '../../ui/LetGo';
import { Loaded } from '../../ui/Loaded';
import { Segments } from '../../ui/Segments';
import { said } from '../../units/units';
import { Adjuster } from './Adjuster';
import { ForceOnRollers } from './ForceOnRollers';
import { ShareOverSlowing } from './ShareOverSlowing';
import { SizingForm } from './SizingForm';
import { StopShares } from './StopShares';
import type { Of } from './share';

/** Is the front share right for how hard it slows, and which way does the adjuster turn? */
export function BalancePage() {
  const { testId = '' } = useParams();
  const [query] = useSearchParams();
  const wanted = query.get('wanted') === null ? null : Number(query.get('wanted'));
  const read = useQuery({ ...balance(testId, wanted), placeholderData: keepPreviousData });
  const detail = useQuery(test(testId));
  return (
    <Loaded query={detail} what="Reading the test">
      {({ vehicle }) => (
        <Loaded query={read} what="Reading the pressures">
          {(data) => (
            <>
              {data.sides.some((s) => s.n > 0) ? (
                <Shares testId={testId} data={data} />
              ) : (
                <NothingLogged letGo={data.letGo} />
              )}
              <Strip className="pt-0">
                <ForceOnRollers data={data} />
                <Folded
                  question="What would other parts do?"
                  note="share, push and travel, and the grip at which each axle locks"
                  open={!data.sides.some((s) => s.n > 0)}
                >
                  <SizingForm vehicle={vehicle} />
                </Folded>
              </Strip>
            </>
          )}
        </Loaded>
      )}
    </Loaded>
  );
}

function NothingLogged({ letGo }: { letGo: Finding | null }) {
  const { units } = usePreferences();
  if (letGo) {
    return (
      <Strip>
        <h1 className="mb-2 text-[26px]">The line pressures were let go</h1>
        <LetGo of={letGo} units={units} />
      </Strip>
    );
  }
  return (
    <Strip>
      <h1 className="mb-4 text-[26px]">No line pressures yet</h1>
      <EmptySlab line="A log with both line pressures draws each stop here beside the ideal. Without one, rollers and the vehicle’s own figures tell something below." />
    </Strip>
  );
}

function Shares({ testId, data }: { testId: string; data: Balance }) {
  const { units } = usePreferences();
  const [of, setOf] = useState<Of>('pressure');
  const [load, setLoad] = useState(data.sides.flatMap((s) => s.stops)[0]?.load ?? 'LADEN');
  const ratio = data.forceRatio.value;
  const shown: Of = ratio === undefined ? 'pressure' : of;
  const [first, ...others] = data.sentences.map((s) => said(s, units));
  return (
    <>
      <Strip tone="sheet">
        <Answer
          sure={
            shown === 'pressure'
              ? 'Shares are of line pressure, as logged. They are not shares of brake force: pistons, radii and pads stand between.'
              : 'Shares are of brake force, from line pressure by the vehicle’s piston areas, radii and pad friction, each taken to be as entered.'
          }
        >
          {first}
        </Answer>
        <ul className="mt-2 grid max-w-[90ch] gap-1 text-[15px]">
          {others.map((s) => (
            <li key={s}>{s}</li>
          ))}
        </ul>
        <LetGo of={data.letGo} units={units} />
        <p className="mt-2 text-[14.5px] text-ink-2">
          Whether front and rear get as hot as their shares ask is in{' '}
          <Link className="underline" to={`/tests/${testId}/heat`}>
            Heat
          </Link>
          .
        </p>
      </Strip>
      <Strip className="grid grid-cols-1 gap-x-10 gap-y-6 xl:grid-cols-[1.5fr_1fr]">
        <div className="min-w-0">
          <div className="mb-3 flex flex-wrap gap-4">
            <Segments<Of>
              label="Share of what"
              value={shown}
              options={[
                ['pressure', 'line pressure'],
                ['force', ratio === undefined ? 'brake force (not known)' : 'brake force'],
              ]}
              onChange={setOf}
            />
            <Segments
              label="Ideal for the load"
              value={load}
              options={[
                ['LADEN', 'laden'],
                ['LIGHT', 'light'],
              ]}
              onChange={setLoad}
            />
          </div>
          {ratio === undefined && of === 'force' && (
            <p className="mb-2 text-[14px] text-caution">
              Brake force cannot be told from line pressure: {data.forceRatio.reason}.
            </p>
          )}
          <ShareOverSlowing data={data} of={shown} load={load} units={units} />
          <p className="mt-1 flex flex-wrap gap-4 text-[13.5px]">
            {data.sides.map((s, i) => (
              <span key={s.configurationId}>
                <MarkLabel letter={letterOf(i)} /> {s.name}
              </span>
            ))}
          </p>
        </div>
        <div className="min-w-0">
          <Adjuster testId={testId} data={data} />
        </div>
      </Strip>
      <Strip className="pb-0">
        <Heading note="time-weighted over the plateau; lowest and highest tenth">Stop by stop</Heading>
        <StopShares testId={testId} data={data} units={units} />
      </Strip>
    </>
  );
}
