import { useQuery } from '@tanstack/react-query';
import { curves } from '../../api/queries';
import type { FadeReference, FadeSide, PressureCurve } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { Heading } from '../../ui/Layout';
import { LetGo } from '../../ui/LetGo';
import { Loaded } from '../../ui/Loaded';
import type { Shown, UnitTable } from '../../units/units';
import { PressureCurves } from './PressureCurves';

type Pair = { reference: PressureCurve; last: PressureCurve };

/** What the last stops did differently from the reference, over pressure, for every side that was logged. */
export function Overlays(props: {
  testId: string;
  reference: FadeReference;
  /** Which of the test's groups of like stops. */
  group: number;
  sides: FadeSide[];
  units: UnitTable;
}) {
  const { sides, units } = props;
  const letter = (id: string) => letterOf(sides.findIndex((s) => s.configurationId === id));
  return (
    <Loaded query={useQuery(curves(props.testId, props.reference))} what="Reading the pressures">
      {(read) => {
        const shown = (read.groups[props.group]?.sides ?? []).map((s) => ({
          letter: letter(s.configurationId),
          ...s,
        }));
        return (
          <>
            <LetGo of={read.letGo} units={units} />
            <Section
              title="The bite"
              note="a pad that has lost its bite slows less at the same pressure"
              what="deceleration"
              shown={units.deceleration}
              pairs={shown.map((s) => ({ letter: s.letter, ...s.bite }))}
              units={units}
            />
            <Section
              title="The pedal"
              note="vapour in the fluid shows as more travel at the same pressure"
              what="pedal travel"
              shown={units.travel}
              pairs={shown.map((s) => ({ letter: s.letter, ...s.pedal }))}
              units={units}
            />
          </>
        );
      }}
    </Loaded>
  );
}

function Section(props: {
  title: string;
  note: string;
  what: string;
  shown: Shown;
  pairs: (Pair & { letter: ReturnType<typeof letterOf> })[];
  units: UnitTable;
}) {
  const having = props.pairs.filter((p) => p.reference.at.length + p.last.at.length > 0);
  if (having.length === 0) return null;
  return (
    <section>
      <Heading note={`thin: reference stops, thick: the last three; ${props.note}`}>{props.title}</Heading>
      <div className="grid gap-6 md:grid-cols-2">
        {having.map((p) => (
          <PressureCurves
            key={p.letter}
            what={props.what}
            shown={props.shown}
            letter={p.letter}
            early={p.reference}
            late={p.last}
            units={props.units}
          />
        ))}
      </div>
    </section>
  );
}
