import { useQueries } from '@tanstack/react-query';
import { trace } from '../../api/queries';
import type { FadeSide, StopView, TestDetail } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { Heading } from '../../ui/Layout';
import type { Shown, UnitTable } from '../../units/units';
import { biteOf } from './bite';
import type { Point } from './curves';
import { PressureCurves } from './PressureCurves';

const TRAVEL: Shown = { unit: 'mm', of: (m) => 1000 * m, decimals: 0 };

/** What the last stops did differently from the reference, as overlaid traces, for every side that was logged. */
export function Overlays(props: { sides: FadeSide[]; detail: TestDetail; units: UnitTable }) {
  const { sides, detail, units } = props;
  const shown = sides.map((s, i) => {
    const own = s.stopIds.flatMap((id) => detail.stops.find((x) => x.id === id) ?? []);
    const early = s.study.reference.flatMap((k) => own[k] ?? []);
    const late = own.length >= 6 ? own.slice(-3) : [];
    return { letter: letterOf(i), id: s.configurationId, early, late };
  });
  const having = (logged: (x: StopView) => boolean) =>
    shown.filter((s) => [...s.early, ...s.late].some(logged));
  return (
    <>
      <Section
        title="The bite"
        note="a pad that has lost its bite slows less at the same pressure"
        pictures={having((x) => x.measured?.frontPressureMean.value !== undefined).map((s) => (
          <Bite key={s.id} testId={detail.test.id} {...s} units={units} />
        ))}
      />
      <Section
        title="The pedal"
        note="vapour in the fluid shows as more travel at the same pressure"
        pictures={having((x) => (x.measured?.pedal.bar.length ?? 0) > 0).map((s) => (
          <PressureCurves
            key={s.id}
            what="pedal travel"
            shown={TRAVEL}
            letter={s.letter}
            early={s.early.map(pedalOf)}
            late={s.late.map(pedalOf)}
            units={units}
          />
        ))}
      />
    </>
  );
}

function Section({ title, note, pictures }: { title: string; note: string; pictures: React.ReactNode[] }) {
  if (pictures.length === 0) return null;
  return (
    <section>
      <Heading note={`thin: reference stops, thick: the last three; ${note}`}>{title}</Heading>
      <div className="grid gap-6 md:grid-cols-2">{pictures}</div>
    </section>
  );
}

/** Reads the traces of the stops first. */
function Bite(props: {
  testId: string;
  early: StopView[];
  late: StopView[];
  letter: ReturnType<typeof letterOf>;
  units: UnitTable;
}) {
  return (
    <PressureCurves
      what="deceleration"
      shown={props.units.deceleration}
      letter={props.letter}
      early={useBites(props.testId, props.early)}
      late={useBites(props.testId, props.late)}
      units={props.units}
    />
  );
}

function useBites(testId: string, stops: StopView[]): Point[][] {
  const answers = useQueries({ queries: stops.filter((s) => s.measured).map((s) => trace(testId, s.id)) });
  return answers.flatMap((a) => (a.data ? [biteOf(a.data)] : []));
}

const pedalOf = (stop: StopView): Point[] =>
  stop.measured?.pedal.bar.map((bar, i) => ({ bar, value: stop.measured?.pedal.travelM[i] ?? 0 })) ?? [];
