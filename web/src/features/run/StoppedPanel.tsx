import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { planForm } from '../../api/queries';
import type { Happening, RunView } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Button } from '../../ui/Button';
import { Field, Input } from '../../ui/Field';
import { Loaded } from '../../ui/Loaded';
import { said } from '../../units/units';
import { wallClock } from './clock';
import type { Queued } from './queue';

/** What was typed for a release that was then refused. */
function wordsNotTaken(queued: Queued): string {
  const last = queued.refused.at(-1)?.event.what;
  return last?.type === 'released' ? last.inspected : '';
}

/** Testing is stopped: by whom, why, what to inspect, and the way back on, which is never one tap. */
export function StoppedPanel(props: { view: RunView; queued: Queued; say: (what: Happening) => void }) {
  const { view, say } = props;
  const { units } = usePreferences();
  const [inspected, setInspected] = useState(() => wordsNotTaken(props.queued));
  const [sure, setSure] = useState(false);
  const halt = view.halt;
  return (
    <div className="grid gap-4 rounded-control bg-ink p-6 text-on-ink">
      {halt && (
        <p className="text-[18px]">
          Stopped by {halt.by} at {wallClock(halt.atS)}: {said(halt.why, units)}. {view.stops.length} stops
          are kept.
        </p>
      )}
      <Loaded query={useQuery(planForm())} what="Reading the rules">
        {(form) => {
          const rule = form.abort.find((r) => r.rule === halt?.rule);
          return rule ? (
            <p className="text-[18px]">
              <b className="font-[680]">{rule.label}.</b> Inspect: {rule.inspect}
            </p>
          ) : (
            <div>
              <p className="mb-2 text-[16px]">
                Which rule was it? Anyone’s word is enough; this only says what to inspect.
              </p>
              <div className="grid gap-2 sm:grid-cols-2">
                {form.abort.map((r) => (
                  <button
                    key={r.rule}
                    type="button"
                    className="min-h-12 rounded-control px-3 text-left text-[15px] shadow-[inset_0_0_0_1.5px_var(--on-ink)]"
                    onClick={() => say({ type: 'stopped', rule: r.rule, words: r.label })}
                  >
                    {r.label}
                  </button>
                ))}
              </div>
            </div>
          );
        }}
      </Loaded>
      <form
        className="grid gap-3 rounded-control bg-sheet p-4 text-ink"
        onSubmit={(e) => {
          e.preventDefault();
          if (!inspected.trim()) return;
          if (sure) say({ type: 'released', inspected: inspected.trim() });
          else setSure(true);
        }}
      >
        <Field
          label="What was inspected, and found"
          help="Kept with your name. Somebody who answers for it releases."
        >
          <Input
            className="min-h-14"
            maxLength={300}
            value={inspected}
            onChange={(e) => {
              setInspected(e.target.value);
              setSure(false);
            }}
          />
        </Field>
        <Button
          type="submit"
          tone={sure ? 'main' : 'second'}
          className="min-h-14"
          disabled={!inspected.trim()}
        >
          {sure ? 'Yes, testing may go on' : 'Release testing'}
        </Button>
      </form>
    </div>
  );
}
