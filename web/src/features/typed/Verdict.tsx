import type { Comparison, SheetReading } from '../../api/types';
import { Lane } from '../../charts/lane/Lane';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { usePreferences } from '../../reader/preferences';
import { EmptySlab } from '../../ui/Layout';
import { number, said, type UnitTable } from '../../units/units';

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
        />
      ))}
    </section>
  );
}

function Group({ group, letters, units }: { group: Comparison; letters: string[]; units: UnitTable }) {
  const letter = (name: string) => letterOf(Math.max(0, letters.indexOf(name)));
  const time = group.basis === 'TIME_ONLY';
  const rows = group.sides.map((side) => ({
    side,
    letter: letter(side.configuration),
    pair: group.comparisons.find((c) => c.candidateId === side.configurationId) ?? null,
  }));
  return (
    <div>
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
            {s.mean.value !== undefined && (
              <>
                , mean{' '}
                {time
                  ? `${number(units.deceleration.of(s.mean.value), 2)} ${units.deceleration.unit}`
                  : `${number(units.distance.of(s.mean.value), 1)} ${units.distance.unit}`}
              </>
            )}
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
