import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { assessment } from '../../api/queries';
import type { Assessment } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Answer, Heading, Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { LimitTable } from '../../figures/LimitTable';
import { PhaseTable } from './PhaseTable';

/** A test that compares nothing: its limits first, then what was driven of every phase. */
export function Assessed({ testId, nothing }: { testId: string; nothing: ReactNode }) {
  return (
    <Loaded query={useQuery(assessment(testId))} what="Reading the phases">
      {(data) => (data.phases.length === 0 ? nothing : <Read data={data} />)}
    </Loaded>
  );
}

function Read({ data }: { data: Assessment }) {
  const { units } = usePreferences();
  return (
    <>
      <Strip tone="sheet">
        <Answer sure="Each figure is held against the limit you entered for it, the weakest stop of a phase deciding. Whether that satisfies the code is for whoever inspects by it.">
          {sentence(data)}
        </Answer>
      </Strip>
      <Strip className="grid grid-cols-1 gap-8">
        {data.limits.length > 0 && (
          <section>
            <Heading>Your limits</Heading>
            <LimitTable
              rows={data.limits.map((l) => ({ letter: l.letter, reading: l.reading }))}
              units={units}
            />
          </section>
        )}
        <section>
          <Heading note="means of the stops that count, with their 95 % range">Phase by phase</Heading>
          <PhaseTable phases={data.phases} units={units} />
        </section>
      </Strip>
    </>
  );
}

/** How many limits are met, and how many phases are driven. */
function sentence({ limits, phases }: Assessment): string {
  const driven = phases.filter((p) => p.sides.every((s) => s.counted >= p.asked)).length;
  const phasesDriven = `${driven} of ${phases.length} phases are driven.`;
  if (limits.length === 0) return `${phasesDriven} No limits were entered with the procedure.`;
  const many = (verdict: string) => limits.filter((l) => l.reading.verdict === verdict).length;
  const parts = [
    [many('MET'), 'met'],
    [many('NOT_MET'), 'not met'],
    [many('NOT_YET_DRIVEN'), 'not yet driven'],
    [many('CANNOT_TELL'), 'cannot be told'],
  ].filter(([n]) => n !== 0);
  return `Of ${limits.length} ${limits.length === 1 ? 'limit' : 'limits'} ${parts.map(([n, what]) => `${n} ${what}`).join(', ')}. ${phasesDriven}`;
}
