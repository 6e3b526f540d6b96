import type { Bedding, Entry, GarageForm, Part } from '../../api/types';
import { useEntries } from '../../forms/useForms';
import { Field, Input, Select } from '../../ui/Field';
import { QuantityField } from '../../ui/QuantityField';
import { word } from '../../ui/labels';
import { CostField } from './CostField';
import { WeighedField, withEntry } from './WeighedField';

const NOTHING: Part = {
  description: '',
  condition: 'NEW',
  cost: null,
  currency: null,
  since: null,
  bedding: null,
  worked: [],
  figures: {},
  uncertainties: {},
};

const BEDDING: Bedding = {
  count: 16,
  from: { entered: 80, unit: 'KILOMETRES_PER_HOUR' },
  to: { entered: 30, unit: 'KILOMETRES_PER_HOUR' },
  gap: { entered: 45, unit: 'SECONDS' },
  coolDown: { entered: 10, unit: 'MINUTES' },
  done: false,
};

/** One place in the brake system and what is fitted there. */
export function PartRow(props: {
  slot: GarageForm['slots'][number];
  /** Drums have linings and wheel cylinders. */
  drum: boolean;
  works: GarageForm['works'];
  entries: Entry[];
  part: Part | null;
  errors: Record<string, string>;
  onChange: (part: Part | null) => void;
}) {
  const { slot, part, errors, onChange } = props;
  const at = `parts.${slot.slot}`;
  const pads = slot.factor === 'pads';
  const shown = props.entries.filter(
    (e) => e.field === 'MASS' || e.field === 'HOURS' || slot.figures.includes(e.field),
  );
  const told = part ? `${part.description}, ${word(part.condition).toLowerCase()}` : 'as it came';
  return (
    <details className="border-b border-joint py-2" open={Object.keys(errors).some((f) => f.startsWith(at))}>
      <summary className="cursor-pointer text-sm">
        <b className="inline-block w-52 font-[600]">{word(props.drum ? slot.drumLabel : slot.label)}</b>
        <span className="text-ink-2">{told}</span>
      </summary>
      <div className="grid gap-x-6 gap-y-4 py-4 md:grid-cols-3">
        <Field label="Description" error={errors[`${at}.description`]} className="md:col-span-2">
          <Input
            value={part?.description ?? ''}
            onChange={(e) =>
              onChange(e.target.value === '' ? null : { ...(part ?? NOTHING), description: e.target.value })
            }
          />
        </Field>
        {part && (
          <>
            <Field label="Condition">
              <Select
                value={part.condition}
                onChange={(e) => onChange({ ...part, condition: e.target.value as Part['condition'] })}
              >
                {['NEW', 'BEDDED', 'WORN'].map((c) => (
                  <option key={c} value={c}>
                    {word(c)}
                  </option>
                ))}
              </Select>
            </Field>
            <PartFigures part={part} at={at} entries={shown} errors={errors} onChange={onChange} />
            <CostField
              value={part.cost}
              currency={part.currency}
              error={errors[`${at}.cost`]}
              onChange={(cost) =>
                onChange({ ...part, cost: cost?.amount ?? null, currency: cost?.currency ?? null })
              }
            />
            <Field label="Fitted or filled on">
              <Input
                type="date"
                value={part.since ?? ''}
                onChange={(e) => onChange({ ...part, since: e.target.value || null })}
              />
            </Field>
            {slot.worked && <Worked part={part} works={props.works} onChange={onChange} />}
            {pads && (
              <label className="flex items-center gap-2 text-sm">
                <input
                  type="checkbox"
                  className="size-4 accent-[var(--ink)]"
                  checked={part.bedding !== null}
                  onChange={(e) => onChange({ ...part, bedding: e.target.checked ? BEDDING : null })}
                />
                Bedding in is planned
              </label>
            )}
            {part.bedding && (
              <BeddingFields
                bedding={part.bedding}
                errors={errors}
                at={`${at}.bedding`}
                onChange={(bedding) => onChange({ ...part, bedding })}
              />
            )}
          </>
        )}
      </div>
    </details>
  );
}

/** What was done to it: each step of one part is a change of its own. */
function Worked(props: { part: Part; works: GarageForm['works']; onChange: (part: Part) => void }) {
  const { part } = props;
  return (
    <fieldset className="text-sm md:col-span-2">
      <legend className="mb-1 text-[13px] text-ink-2">What was done to it</legend>
      <span className="flex flex-wrap gap-x-5 gap-y-1">
        {props.works.map((w) => {
          const name = w.name as Part['worked'][number];
          return (
            <label key={name} className="flex items-center gap-2">
              <input
                type="checkbox"
                className="size-4 accent-[var(--ink)]"
                checked={part.worked.includes(name)}
                onChange={(e) =>
                  props.onChange({
                    ...part,
                    worked: e.target.checked ? [...part.worked, name] : part.worked.filter((x) => x !== name),
                  })
                }
              />
              {w.label}
            </label>
          );
        })}
      </span>
    </fieldset>
  );
}

function PartFigures(props: {
  part: Part;
  at: string;
  entries: Entry[];
  errors: Record<string, string>;
  onChange: (part: Part) => void;
}) {
  const { part, at, errors, onChange } = props;
  return (
    <>
      {props.entries.map((entry) => (
        <WeighedField
          key={entry.field}
          entry={entry}
          value={part.figures[entry.field as keyof Part['figures']] ?? null}
          uncertainty={part.uncertainties[entry.field as keyof Part['figures']] ?? null}
          error={errors[`${at}.figures.${entry.field}`] ?? errors[`${at}.uncertainties.${entry.field}`]}
          onChange={(value, uncertainty) =>
            onChange({
              ...part,
              figures: withEntry(part.figures, entry.field, value),
              uncertainties: withEntry(part.uncertainties, entry.field, uncertainty),
            })
          }
        />
      ))}
    </>
  );
}

function BeddingFields(props: {
  bedding: Bedding;
  errors: Record<string, string>;
  at: string;
  onChange: (bedding: Bedding) => void;
}) {
  const { bedding, errors, at, onChange } = props;
  const entry = useEntries('bedding');
  const quantity = (key: 'from' | 'to' | 'gap' | 'coolDown', field: string) => (
    <QuantityField
      allowed={entry(field)}
      value={bedding[key]}
      error={errors[`${at}.${key}`]}
      onChange={(q) => q && onChange({ ...bedding, [key]: q })}
    />
  );
  return (
    <>
      <Field label="Bedding snubs" error={errors[`${at}.count`]} help="1 to 500">
        <Input
          type="number"
          value={bedding.count}
          onChange={(e) => onChange({ ...bedding, count: Math.round(Number(e.target.value)) })}
        />
      </Field>
      {quantity('from', 'FROM')}
      {quantity('to', 'TO')}
      {quantity('gap', 'GAP')}
      {quantity('coolDown', 'COOL_DOWN')}
      <label className="flex items-center gap-2 text-sm">
        <input
          type="checkbox"
          className="size-4 accent-[var(--ink)]"
          checked={bedding.done}
          onChange={(e) => onChange({ ...bedding, done: e.target.checked })}
        />
        Bedding in was done
      </label>
    </>
  );
}
