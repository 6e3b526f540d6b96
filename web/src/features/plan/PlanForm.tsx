import type {
  Configuration,
  LaneView,
  Plan,
  PlanForm as Form,
  ProcedureView,
  Quantity,
} from '../../api/types';
import { fieldKey } from './fieldKey';
import { letterOf } from '../../charts/letters';
import { Field, Input, Select } from '../../ui/Field';
import { Heading } from '../../ui/Layout';
import { QuantityField } from '../../ui/QuantityField';
import { labelOf } from '../../ui/labels';
import { LaneForm } from './LaneForm';

/** As many as anybody drives of one thing. */
const MOST = 500;
const ORDERS: [Plan['order'], string][] = [
  ['A_B_A', 'A-B-A, back to the baseline'],
  ['ABBA', 'ABBA, there and back'],
  ['RANDOMISED', 'shuffled in blocks'],
  ['ONE_AFTER_ANOTHER', 'one after another'],
];

type PlanQuantity =
  'speed' | 'margin' | 'slot' | 'ambient' | 'fitting' | 'turnRound' | 'expectedStop' | 'limit';

/** Everything a plan says. Each change is worked out at once. */
export function PlanForm(props: {
  configurations: Configuration[];
  procedures: ProcedureView[];
  lanes: LaneView[];
  form: Form;
  plan: Plan;
  errors: Record<string, string>;
  onChange: (plan: Plan) => void;
}) {
  const { plan, errors, onChange } = props;
  const set = (changes: Partial<Plan>) => onChange({ ...plan, ...changes });
  const quantity = (key: PlanQuantity) => {
    const allowed = props.form.plan.find((f) => fieldKey(f.field) === key);
    return (
      allowed && (
        <QuantityField
          key={key}
          allowed={allowed}
          value={plan[key]}
          {...(errors[key] ? { error: errors[key] } : {})}
          onChange={(q: Quantity | null) => {
            if (q || key === 'expectedStop' || key === 'limit') set({ [key]: q });
          }}
        />
      )
    );
  };
  return (
    <div className="no-print grid content-start gap-4 max-lg:order-last">
      <Heading>The plan</Heading>
      <Sides configurations={props.configurations} plan={plan} errors={errors} set={set} />
      <How procedures={props.procedures} plan={plan} errors={errors} set={set} />
      {quantity('speed')}
      {quantity('margin')}
      <Field label="Load">
        <Select value={plan.load} onChange={(e) => set({ load: e.target.value as Plan['load'] })}>
          <option value="LADEN">laden</option>
          <option value="LIGHT">light</option>
        </Select>
      </Field>
      <LaneForm
        entries={props.form.lane}
        lanes={props.lanes}
        chosen={plan.laneId}
        onChoose={(laneId) => set({ laneId })}
      />
      {quantity('expectedStop')}
      {quantity('slot')}
      {quantity('fitting')}
      {quantity('turnRound')}
      {quantity('ambient')}
      {quantity('limit')}
      <label className="flex items-center gap-2 text-sm">
        <input
          type="checkbox"
          className="size-4 accent-[var(--ink)]"
          checked={plan.beddedBefore}
          onChange={(e) => set({ beddedBefore: e.target.checked })}
        />
        New parts are bedded in before the day
      </label>
    </div>
  );
}

type Changing = { plan: Plan; errors: Record<string, string>; set: (changes: Partial<Plan>) => void };

/** Which configurations, the baseline first. */
function Sides({ configurations, plan, errors, set }: Changing & { configurations: Configuration[] }) {
  const alone = plan.configurationIds.length === 1;
  const configuration = (i: number) => (
    <Field
      key={i}
      label={i > 0 ? `Candidate ${letterOf(i)}` : alone ? 'Configuration' : 'Baseline'}
      error={i === 1 ? errors.configurationIds : undefined}
    >
      <Select
        value={plan.configurationIds[i] ?? ''}
        onChange={(e) => {
          const ids = [...plan.configurationIds];
          if (e.target.value) ids[i] = e.target.value;
          else ids.splice(i, 1);
          set({ configurationIds: ids });
        }}
      >
        {i > 0 && <option value="">none</option>}
        {configurations.map((c) => (
          <option key={c.id} value={c.id}>
            {labelOf(c)}
          </option>
        ))}
      </Select>
    </Field>
  );
  const rows = Math.min(26, configurations.length, plan.configurationIds.length + 1);
  return <>{Array.from({ length: rows }, (_, i) => configuration(i))}</>;
}

/** By which procedure, how many of each and in which order. */
function How({ procedures, plan, errors, set }: Changing & { procedures: ProcedureView[] }) {
  const cycled = procedures.find((p) => p.id === plan.procedureId)?.procedure.cycle;
  const choose = (procedureId: string) => {
    const cycle = procedures.find((p) => p.id === procedureId)?.procedure.cycle;
    // As often as the procedure says; what was counted in cycles is no number of stops.
    set({ procedureId, ...(cycle ? { stopsEach: cycle.times } : cycled ? { stopsEach: 8 } : {}) });
  };
  return (
    <>
      <Field label="Procedure">
        <Select value={plan.procedureId} onChange={(e) => choose(e.target.value)}>
          {procedures.map((p) => (
            <option key={p.id} value={p.id}>
              {p.procedure.name}
            </option>
          ))}
        </Select>
      </Field>
      <Field
        label={cycled ? 'Cycles of each' : 'Stops of each'}
        help={`1 to ${MOST}`}
        error={errors.stopsEach}
      >
        <Input
          type="number"
          min={1}
          max={MOST}
          value={plan.stopsEach}
          onChange={(e) =>
            set({ stopsEach: Math.min(MOST, Math.max(1, Math.round(Number(e.target.value)) || 1)) })
          }
        />
      </Field>
      {plan.configurationIds.length > 1 && (
        <Field label="Order">
          <Select value={plan.order} onChange={(e) => set({ order: e.target.value as Plan['order'] })}>
            {ORDERS.map(([order, label]) => (
              <option key={order} value={order}>
                {label}
              </option>
            ))}
          </Select>
        </Field>
      )}
    </>
  );
}
