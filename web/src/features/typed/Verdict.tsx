import type { Comparison, SheetReading } from '../../api/types';
import { Lane } from '../../charts/lane/Lane';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { usePreferences } from '../../reader/preferences';
import { EmptySlab } from '../../ui/Layout';
import { figure, number, said, span, type UnitTable } from '../../units/units';

/** What the table comes to as it stands: follows while one types. */
export function Verdict({ reading, letters }: { reading: SheetReading | undefined; letters: string[] }) {
  const { units } = usePreferences();
  const groups = reading?.comparison ? [reading.comparison, ...reading.comparison.others] : [];
  return (
    <section aria-label="What they come to" aria-live="polite" className="grid content-start gap-5">
      {groups.length === 0 && (
        <EmptySlab line="The first stop will be drawn here. A verdict needs three of each configuration." />
      )}
      {groups.map((g) => (
        <Group
          key={`${g.basis}${g.nominalSpeed}${g.phase ?? ''}`}
          group={g}
          letters={letters}
          units={units}
          several={groups.length > 1}
        />
      ))}
    </section>
  );
}

function Group(props: {
  group: Comparison;
  letters: string[];
  units: UnitTable;
  /** Whether there are stops of several kinds, each with its own verdict. */
  several: boolean;
}) {
  const { group, letters, units, several } = props;
  const letter = (name: string) => letterOf(Math.max(0, letters.indexOf(name)));
  const time = group.basis === 'TIME_ONLY';
  const rows = group.sides.map((side) => ({
    side,
    letter: letter(side.configuration),
    pair: group.comparisons.find((c) => c.candidateId === side.configurationId) ?? null,
  }));
  const shown = time ? units.deceleration : units.distance;
  const mean = (s: Comparison['sides'][number]) =>
    s.halfWidth95.value === undefined
      ? `${figure(s.mean, shown)} ${shown.unit}`
      : `${figure(s.mean, shown)} ± ${number(span(s.halfWidth95.value, shown), shown.decimals)} ${shown.unit}`;
  return (
    <div>
      {several && (
        <p className="mb-1 text-[14px] font-[600]">
          {[
            `From ${number(units.speed.of(group.nominalSpeed), 0)} ${units.speed.unit}`,
            group.phase,
            time && 'by stopwatch',
          ]
            .filter(Boolean)
            .join(', ')}
        </p>
      )}
      {group.comparisons.map((pair) => (
        <div key={pair.candidateId} className="mb-3">
          <h2 className="max-w-[40ch] text-[21px] font-[640]">{said(pair.conclusion.sentence, units)}</h2>
          <p className="mt-1 max-w-[60ch] text-[14px] text-ink-2">
            {pair.interval && <b className="font-[650] text-ink">{said(pair.conclusion.howSure, units)}.</b>}{' '}
            {said(pair.conclusion.range, units)} {said(pair.inProportion, units)}
          </p>
        </div>
      ))}
      <ul className="mb-2 grid gap-1 text-[14px]">
        {group.sides.map((s) => (
          <li key={s.configurationId} className="break-words">
            <MarkLabel letter={letter(s.configuration)} /> {s.configuration}: {s.n}{' '}
            {s.n === 1 ? 'stop' : 'stops'}
            {s.mean.value !== undefined && `, mean ${mean(s)}`}
          </li>
        ))}
      </ul>
      {!time && rows.some((r) => r.side.stops.length > 0) && (
        <Lane
          rows={rows}
          car={{ lengthM: 4.5, widthM: 1.8 }}
          units={units}
          asTable={false}
          onChoose={() => {}}
        />
      )}
    </div>
  );
}
