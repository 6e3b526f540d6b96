import { usePreferences } from '../../reader/preferences';
import type { System } from '../../units/units';
import { useQuery } from '@tanstack/react-query';
import { useParams, useSearchParams } from 'react-router';
import { configurations, lanes, plan, procedures, test, planForm } from '../../api/queries';
import type {
  Configuration,
  LaneView,
  Plan,
  PlanForm,
  PlanView,
  ProcedureView,
  TestDetail,
} from '../../api/types';
import { EmptySlab, Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { Link } from 'react-router';
import { Planner } from './Planner';

/** Can this test answer its question, on that lane, in that time? */
export function PlanPage() {
  const { testId = '' } = useParams();
  return (
    <Loaded query={useQuery(test(testId))} what="Reading the test">
      {(detail) => <WithLibrary detail={detail} />}
    </Loaded>
  );
}

function WithLibrary({ detail }: { detail: TestDetail }) {
  const own = useQuery(configurations(detail.vehicle.id));
  const methods = useQuery(procedures());
  const places = useQuery(lanes());
  const stored = useQuery(plan(detail.test.id));
  const asked = useQuery(planForm());
  return (
    <Loaded query={own} what="Reading the configurations">
      {(all) => (
        <Loaded query={methods} what="Reading the procedures">
          {(library) => (
            <Loaded query={places} what="Reading the lanes">
              {(known) => (
                <Loaded query={stored} what="Reading the plan">
                  {(view) => (
                    <Loaded query={asked} what="Reading what a plan asks for">
                      {(form) => <Start {...{ detail, all, library, known, view, form }} />}
                    </Loaded>
                  )}
                </Loaded>
              )}
            </Loaded>
          )}
        </Loaded>
      )}
    </Loaded>
  );
}

type Props = {
  detail: TestDetail;
  all: Configuration[];
  library: ProcedureView[];
  known: LaneView[];
  view: PlanView;
  form: PlanForm;
};

function Start({ detail, all, library, known, view, form }: Props) {
  const { system } = usePreferences();
  const [query] = useSearchParams();
  /** By whoever leads here. */
  const asked = (query.get('with') ?? '').split(',');
  const procedure = library[0];
  if (all.length < 1 || !procedure) {
    return (
      <Strip>
        <h1 className="mb-4 text-[26px]">{detail.test.question}</h1>
        <EmptySlab line="A plan needs a configuration, and a second one to compare it with. Describe them in the garage first.">
          <Link
            className="font-[620] underline"
            to={`/garage?view=configurations&vehicle=${detail.vehicle.id}`}
          >
            To the garage
          </Link>
        </EmptySlab>
      </Strip>
    );
  }
  return (
    <Planner
      key={detail.test.id}
      detail={detail}
      configurations={all}
      procedures={library}
      lanes={known}
      form={form}
      stored={view}
      first={view.plan ?? firstPlan(detail, all, asked, procedure, system)}
    />
  );
}

/** A plan to begin with: straight stops of the first two configurations, with a return to the baseline. */
function firstPlan(
  detail: TestDetail,
  all: Configuration[],
  asked: string[],
  procedure: ProcedureView,
  system: System,
): Plan {
  const speed = detail.test.nominalSpeed;
  return {
    vehicleId: detail.vehicle.id,
    load: 'LADEN',
    configurationIds: firstTwo(detail, all, asked),
    procedureId: procedure.id,
    laneId: null,
    speed: { entered: speed.entered, unit: speed.unit },
    margin: { entered: worthwhileM(detail), unit: 'METRES' },
    stopsEach: 8,
    order: 'A_B_A',
    seed: Math.floor(Math.random() * 1e6),
    slot: { entered: 4, unit: 'HOURS' },
    ambient: system === 'imperial' ? { entered: 60, unit: 'FAHRENHEIT' } : { entered: 15, unit: 'CELSIUS' },
    fitting: { entered: 60, unit: 'MINUTES' },
    turnRound: { entered: 60, unit: 'SECONDS' },
    expectedStop: null,
    limit: null,
    beddedBefore: true,
    crew: { names: {} },
  };
}

const FIRST_MARGIN_M = 1;

/** The smallest worthwhile difference of the test, m: the same here as wherever its stops are compared. */
export function worthwhileM({ test, stops, series }: TestDetail): number {
  if (!test.marginOfBaseline) return test.marginSize;
  const baseline = series.filter((s) => s.configurationId === test.baselineConfigurationId).map((s) => s.id);
  const counted = stops.filter(
    (s) => baseline.includes(s.seriesId) && s.kind === 'STOP' && !s.struckOut && s.validity !== 'REPEAT',
  );
  const metres = counted.flatMap((s) => (s.value.value === undefined ? [] : [s.value.value]));
  if (metres.length === 0) return FIRST_MARGIN_M;
  const mean = metres.reduce((a, b) => a + b, 0) / metres.length;
  return Math.max(0.01, Math.round(100 * test.marginSize * mean) / 100);
}

/** The configurations that the test has stops of, before any others of the car. */
function firstTwo(detail: TestDetail, all: Configuration[], asked: string[]): string[] {
  const measured = [...asked, ...detail.configurations.map((c) => c.id)];
  const known = all.map((c) => c.id);
  return [...new Set([...measured.filter((id) => known.includes(id)), ...known])].slice(0, 2);
}
