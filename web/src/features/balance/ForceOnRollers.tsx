import type { Balance } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Heading } from '../../ui/Layout';
import { number } from '../../units/units';
import { shareAs } from './share';

const SIGN = { EXACT: '', AT_LEAST: 'at least ', AT_MOST: 'at most ' } as const;

/** What rollers read of the share of force, beside what the road comes to by the vehicle’s own figures. */
export function ForceOnRollers({ data }: { data: Balance }) {
  const read = data.rollers.filter((r) => r.frontShare.figure.value !== undefined);
  if (read.length === 0) return null;
  const ratio = data.forceRatio.value;
  return (
    <section className="mt-6 mb-4">
      <Heading note="front share of brake force; rollers turn slowly and their grip ends early">
        Rollers and road
      </Heading>
      <ul className="grid gap-1 text-[15px]">
        {read.map((r) => {
          const i = data.sides.findIndex((s) => s.configurationId === r.configurationId);
          const side = data.sides[i];
          const road = side?.mean.value;
          return (
            <li key={r.trialId}>
              {i >= 0 && <MarkLabel letter={letterOf(i)} />} {side?.name ?? 'Another configuration'}: rollers{' '}
              {SIGN[r.frontShare.bound]}
              <b className="font-[650]">{number(100 * (r.frontShare.figure.value ?? 0), 0)} %</b>
              {road !== undefined && ratio !== undefined && (
                <>
                  , road <b className="font-[650]">{number(100 * shareAs('force', ratio)(road), 0)} %</b>
                </>
              )}
            </li>
          );
        })}
      </ul>
      {ratio === undefined && (
        <p className="text-[14px] text-ink-2">
          The road’s share of force is not known: {data.forceRatio.reason}.
        </p>
      )}
    </section>
  );
}
