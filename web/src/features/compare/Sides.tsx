import type { Comparison } from '../../api/types';
import type { Letter } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { usePreferences } from '../../reader/preferences';
import { Folded } from '../../ui/Folded';
import { Strip } from '../../ui/Layout';
import { number } from '../../units/units';

/** More would stand in the way of what they come to. */
const MOST_IN_A_ROW = 4;

/** Which configurations are on the lane, each to be taken off and put back. */
export function Sides(props: {
  data: Comparison;
  candidateId: string;
  hidden: ReadonlySet<string>;
  letter: (id: string) => Letter;
  onToggle: (id: string) => void;
}) {
  const { data, hidden } = props;
  const { units } = usePreferences();
  const buttons = (
    <>
      {data.sides.map((s, i) => (
        <button
          key={s.configurationId}
          type="button"
          aria-pressed={!hidden.has(s.configurationId)}
          onClick={() => props.onToggle(s.configurationId)}
          className="flex min-h-6 items-center gap-2 aria-[pressed=false]:line-through aria-[pressed=false]:opacity-60"
        >
          <MarkLabel letter={props.letter(s.configurationId)} />
          {s.configuration}
          <i className="text-[13px] text-ink-3 not-italic">
            {i === 0 ? 'baseline' : s.configurationId === props.candidateId ? 'candidate' : 'also shown'}
          </i>
        </button>
      ))}
    </>
  );
  const note = (
    <span className="ml-auto text-[13px] text-ink-3">
      {number(units.speed.of(data.nominalSpeed), 0)} to 0 {units.speed.unit} · corrected for entry speed · ±
      is the 95 % range
    </span>
  );
  if (data.sides.length > MOST_IN_A_ROW) {
    return (
      <Strip className="bg-ground py-1 text-sm" aria-label="Configurations">
        <Folded question={`${data.sides.length} configurations`} note="on the lane, each to be taken off">
          <div className="grid gap-x-6 gap-y-2 md:grid-cols-2">{buttons}</div>
          {note}
        </Folded>
      </Strip>
    );
  }
  return (
    <Strip
      className="sticky top-0 z-[1] flex flex-wrap items-center gap-x-6 gap-y-2 bg-ground py-2 text-sm"
      aria-label="Configurations"
    >
      {buttons}
      {note}
    </Strip>
  );
}
