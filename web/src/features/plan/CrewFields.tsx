import { useQuery } from '@tanstack/react-query';
import { planForm } from '../../api/queries';
import type { Plan } from '../../api/types';
import { Field, Input } from '../../ui/Field';
import { Heading } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';

/** Who does what on the day, and the few words that are said on the radio. */
export function CrewFields(props: {
  crew: Plan['crew'];
  bring: string[];
  errors: Record<string, string>;
  onChange: (crew: Plan['crew']) => void;
}) {
  return (
    <Loaded query={useQuery(planForm())} what="Reading the roles">
      {(form) => (
        <section className="grid gap-x-8 gap-y-6 xl:grid-cols-2">
          <div>
            <Heading note="kept with the plan, printed on the run card">Who does what</Heading>
            <div className="grid gap-3">
              {form.crew.map((r) => (
                <Field key={r.role} label={r.label} help={r.duty} error={props.errors[`crew.${r.role}`]}>
                  <Input
                    maxLength={100}
                    value={props.crew.names[r.role] ?? ''}
                    onChange={(e) => {
                      const names = { ...props.crew.names };
                      if (e.target.value === '') delete names[r.role];
                      else names[r.role] = e.target.value;
                      props.onChange({ names });
                    }}
                  />
                </Field>
              ))}
            </div>
          </div>
          <div>
            <Heading>Words on the radio</Heading>
            <dl className="grid grid-cols-[9rem_1fr] gap-y-2 text-sm">
              {form.radio.map((w) => (
                <div key={w.words} className="contents">
                  <dt className="font-[650]">{w.words}</dt>
                  <dd>{w.meaning}</dd>
                </div>
              ))}
            </dl>
            <div className="mt-6">
              <Heading note="from the procedure">What to bring</Heading>
            </div>
            <ul className="list-disc columns-2 gap-6 pl-5 text-sm">
              {props.bring.map((thing) => (
                <li key={thing}>{thing}</li>
              ))}
            </ul>
          </div>
        </section>
      )}
    </Loaded>
  );
}
