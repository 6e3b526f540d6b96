import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { api, ask, Problem } from '../../api/client';
import { forecast, plan as planOf } from '../../api/queries';
import type {
  Configuration,
  Forecast,
  LaneView,
  Plan,
  PlanForm as Form,
  PlanView,
  ProcedureView,
  TestDetail,
} from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Failure, Heading, Reading, Strip } from '../../ui/Layout';
import { Status } from '../../ui/Status';
import { number, said, type UnitTable } from '../../units/units';
import { hoursMinutes } from './clock';
import { CrewFields } from './CrewFields';
import { DayLine } from './DayLine';
import { Expectation } from './Expectation';
import { LanePlan } from './LanePlan';
import { PlanForm } from './PlanForm';
import { SafetyGate } from './SafetyGate';
import { StopsCurve } from './StopsCurve';

const SAVINGS = {
  FEWER_STOPS: 'Fewer stops of each',
  NO_RETURN_TO_BASELINE: 'No return to the baseline',
  BED_IN_BEFORE: 'Bed the new parts in before the day',
} as const;

/** Who does what changes nothing of what a plan takes. */
const NOBODY: Plan['crew'] = { names: {} };

const fieldsOf = (error: unknown): Record<string, string> => (error instanceof Problem ? error.fields : {});

/** The plan, and at once what it takes and can show. */
export function Planner(props: {
  detail: TestDetail;
  configurations: Configuration[];
  procedures: ProcedureView[];
  lanes: LaneView[];
  form: Form;
  stored: PlanView;
  first: Plan;
}) {
  const { detail, stored } = props;
  const { units } = usePreferences();
  const [plan, setPlan] = useState(props.first);
  const tried = useDeferredValue(plan);
  const result = useQuery({
    ...forecast(detail.test.id, { ...tried, crew: NOBODY }),
    placeholderData: keepPreviousData,
    retry: false,
  });
  const { kept, save } = useSaving(detail.test.id, stored, props.first);
  const errors = { ...fieldsOf(save.error), ...fieldsOf(result.error) };
  const f = result.data;
  const lane = props.lanes.find((l) => l.id === plan.laneId)?.lane ?? null;
  const procedure = props.procedures.find((p) => p.id === plan.procedureId)?.procedure;
  const unsaved = plan !== kept;
  return (
    <>
      <TopStrip
        detail={detail}
        answer={f ? answer(f, plan, units) : detail.test.question}
        onPaper={!!stored.plan}
      >
        <Button
          tone="main"
          disabled={!unsaved || save.isPending || !!result.error}
          onClick={() => save.mutate(plan)}
        >
          {unsaved ? 'Save the plan' : 'Saved'}
        </Button>
      </TopStrip>
      <Strip className="grid gap-10 lg:grid-cols-[320px_1fr]">
        <PlanForm {...props} plan={plan} errors={errors} onChange={setPlan} />
        <div className="min-w-0">
          {save.error && Object.keys(fieldsOf(save.error)).length === 0 && <Failure error={save.error} />}
          {result.error && Object.keys(fieldsOf(result.error)).length === 0 && (
            <Failure error={result.error} />
          )}
          {!f ? <Reading what="Working the plan out" /> : <Foreseen f={f} plan={plan} lane={lane} />}
          <div className="mt-8 grid gap-8">
            <Expectation
              testId={detail.test.id}
              stored={stored}
              candidates={props.configurations.filter((c) =>
                stored.plan?.configurationIds.slice(1).includes(c.id),
              )}
            />
            <CrewFields
              bring={procedure?.bring ?? []}
              crew={plan.crew}
              errors={errors}
              onChange={(crew) => setPlan({ ...plan, crew })}
            />
            <SafetyGate
              key={stored.safety ? 'signed' : 'open'}
              testId={detail.test.id}
              stored={stored}
              unsaved={unsaved}
            />
          </div>
        </div>
      </Strip>
    </>
  );
}

/** What is planned against what is kept, and the way from one to the other. */
function useSaving(testId: string, stored: PlanView, first: Plan) {
  const client = useQueryClient();
  const [kept, setKept] = useState(stored.plan ? first : null);
  const save = useMutation({
    mutationFn: (p: Plan) =>
      ask(
        api.PUT('/api/tests/{id}/plan', {
          params: { path: { id: testId }, query: { version: stored.version } },
          body: p,
        }),
      ),
    onSuccess: (saved, sent) => {
      setKept(sent);
      client.setQueryData(planOf(testId).queryKey, saved);
    },
  });
  return { kept, save };
}

/** The answer first; then the plan is saved, and taken along on paper. */
function TopStrip(props: { detail: TestDetail; answer: string; onPaper: boolean; children: ReactNode }) {
  const { system } = usePreferences();
  const paper = `/papers/tests/${props.detail.test.id}/run-card`;
  const query = `?units=${system.toUpperCase()}`;
  return (
    <Strip tone="sheet" className="flex flex-wrap items-start justify-between gap-6">
      <div>
        <h1 className="max-w-[46ch] text-[26px]">{props.answer}</h1>
        <p className="mt-1.5 text-[14.5px] text-ink-2">{props.detail.test.question}</p>
      </div>
      <div className="no-print flex items-center gap-3">
        {props.children}
        {props.onPaper && (
          <span className="flex gap-3 text-sm">
            Run card:
            <a className="underline" href={`${paper}${query}`}>
              page to print
            </a>
            <a className="underline" href={`${paper}.pdf${query}`}>
              PDF
            </a>
          </span>
        )}
      </div>
    </Strip>
  );
}

type OfPlan = { f: Forecast; plan: Plan };

/** What the plan takes and can show: lane, stops, what to know, and the day. */
function Foreseen({ f, plan, lane }: OfPlan & { lane: LaneView['lane'] | null }) {
  const { units } = usePreferences();
  return (
    <div className="grid gap-8">
      <section>
        <Heading note={lane ? `${lane.lane}, controlled by ${lane.controlledBy}` : 'choose a lane'}>
          The lane
        </Heading>
        <LanePlan forecast={f} lane={lane} units={units} />
      </section>
      <div className="grid gap-8 xl:grid-cols-2">
        {compares(plan) && (
          <section>
            <Heading
              note={
                f.forecast.stopsNeeded.source === 'OWN_SERIES'
                  ? `spread ${number(units.distance.of(f.forecast.stopsNeeded.sdM), 1)} ${units.distance.unit}, from earlier stops of this vehicle`
                  : 'spread assumed'
              }
            >
              How many stops
            </Heading>
            <StopsCurve forecast={f} planned={plan.stopsEach} units={units} />
          </section>
        )}
        <WhatToKnow f={f} plan={plan} />
      </div>
      <TheDay f={f} plan={plan} />
    </div>
  );
}

function WhatToKnow({ f, plan }: OfPlan) {
  const { units } = usePreferences();
  return (
    <section>
      <Heading>What to know before</Heading>
      <ul className="grid gap-2 text-sm">
        {compares(plan) && (
          <li>
            Order {plan.order.replaceAll('_', '-')}: {f.forecast.swaps} changes of parts. It guards thus:{' '}
            {f.guards}.
          </li>
        )}
        {f.forecast.warnings.map((w) => (
          <li key={w.text.metric} className="flex gap-3">
            <Status small kind="caution" word="Caution" />
            <span>{said(w, units)}</span>
          </li>
        ))}
        {f.forecast.heat.map((h) => (
          <li key={h.configuration + h.reading.text.metric} className="flex gap-3">
            <Status small kind={h.caution ? 'caution' : 'pass'} word={h.caution ? 'Caution' : 'Pass'} />
            <span>
              {h.configuration}: {said(h.reading, units)}
            </span>
          </li>
        ))}
        {f.learntCooling && <li>Cooling time constant {f.learntCooling}.</li>}
        {f.forecast.assumptions.length > 0 && (
          <li className="text-ink-3">
            Assumed for want of a figure: {f.forecast.assumptions.map((a) => said(a, units)).join('; ')}.
          </li>
        )}
      </ul>
    </section>
  );
}

function TheDay({ f, plan }: OfPlan) {
  const { units } = usePreferences();
  return (
    <section>
      <Heading note={`${hoursMinutes(f.endS)} of ${hoursMinutes(slotSeconds(plan))}`}>The day</Heading>
      <DayLine forecast={f} slotS={slotSeconds(plan)} ambientC={inCelsius(plan)} units={units} />
      <Link className="no-print text-[13px] underline" to="/plan/lap-heat">
        The heat of a circuit’s lap
      </Link>
      {f.forecast.savings.length > 0 && (
        <ul className="mt-3 grid gap-1.5 text-sm">
          {f.forecast.savings.map((s) => (
            <li key={s.kind} className="flex flex-wrap items-center gap-3">
              <Status small kind={s.fits ? 'pass' : 'block'} word={s.fits ? 'Fits' : 'Too long'} />
              {SAVINGS[s.kind]}
              {s.kind === 'FEWER_STOPS' && ` (${s.stopsEach})`}: {hoursMinutes(s.endS)}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

const SECONDS: Record<string, number> = { HOURS: 3600, MINUTES: 60, SECONDS: 1 };
const slotSeconds = (plan: Plan) => plan.slot.entered * (SECONDS[plan.slot.unit] ?? 1);

const inCelsius = ({ ambient: a }: Plan) => (a.unit === 'FAHRENHEIT' ? (a.entered - 32) / 1.8 : a.entered);

/** One configuration alone is compared with nothing. */
const compares = (plan: Plan) => plan.configurationIds.length > 1;

/** The answer first: whether it can be driven, and what it could show. */
function answer(f: Forecast, plan: Plan, units: UnitTable): string {
  const u = units.distance;
  const missing = f.forecast.missingM.value;
  const shown = `${plan.stopsEach} stops of each can show ${number(u.of(f.forecast.smallestShownM), 1)} ${u.unit}`;
  if (f.forecast.noGo) return `NO-GO: ${said(f.forecast.noGo, units)}`;
  if (f.endS > slotSeconds(plan)) {
    const days = Math.ceil(f.endS / slotSeconds(plan));
    return compares(plan)
      ? `It does not fit the slot: ${hoursMinutes(f.endS)} are needed.`
      : `It takes ${hoursMinutes(f.endS)}: ${days} days of this slot. The run goes on where it stood.`;
  }
  if (!compares(plan)) {
    const takes = `It takes ${hoursMinutes(f.endS)} and is compared with nothing`;
    return missing === undefined ? `${takes}. Choose a lane.` : `GO. ${takes}.`;
  }
  return missing === undefined ? `${shown}. Choose a lane.` : `GO. ${shown}.`;
}
