import { useQueries, useQuery } from '@tanstack/react-query';
import { devices, lastReadings } from '../../api/queries';
import type { TrialResult, Wheel } from '../../api/types';
import { Button } from '../../ui/Button';
import { clock } from '../../units/when';

const FORCE = 'BRAKE_FORCE_';

/** What a roller tester on the network has read since the visit began: of an earlier one it would tell nothing of this. */
export function FromTester(props: { since: string; onTake: (wheels: TrialResult['wheels']) => void }) {
  const testers = (useQuery(devices()).data ?? []).filter((d) => d.kind === 'ROLLER_TESTER');
  const read = useQueries({ queries: testers.map((d) => lastReadings(d.id)) })
    .flatMap((q) => q.data ?? [])
    .filter((r) => r.quantity.startsWith(FORCE));
  if (testers.length === 0) return null;
  const ofThis = read.filter((r) => r.at >= props.since);
  const last = ofThis
    .map((r) => r.at)
    .sort()
    .at(-1);
  if (!last) {
    return (
      <p className="text-[14px] text-ink-2">
        The roller tester has read nothing since this visit began. What it reads can be taken from here.
      </p>
    );
  }
  const wheels = Object.fromEntries(ofThis.map((r) => [r.quantity.slice(FORCE.length) as Wheel, r.value]));
  return (
    <p className="flex flex-wrap items-center gap-3 text-[14px]">
      <Button onClick={() => props.onTake(wheels)}>Take what the roller tester read</Button>
      {Object.keys(wheels).length} wheels, the last at {clock(last)}
    </p>
  );
}
