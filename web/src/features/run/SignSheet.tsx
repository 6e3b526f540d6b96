import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { planForm } from '../../api/queries';
import type { Happening, SignedGate } from '../../api/types';
import { Button } from '../../ui/Button';
import { Loaded } from '../../ui/Loaded';
import { Sheet } from '../../ui/Sheet';

/** Every check seen to by somebody who looked; then it is signed, and the run may start. */
export function SignSheet(props: { holder: string; say: (what: Happening) => void; onClose: () => void }) {
  const [seen, setSeen] = useState<ReadonlySet<SignedGate['gate']['seen'][number]>>(new Set());
  return (
    <Sheet
      open
      trackside
      title="Safety gate"
      description="Today, here, each seen to by somebody who looked."
      onClose={props.onClose}
    >
      <Loaded query={useQuery(planForm())} what="Reading the checks">
        {(form) => (
          <div className="grid gap-1">
            {form.safety.map((s) => (
              <label key={s.check} className="flex min-h-12 items-center gap-3 text-[16px]">
                <input
                  type="checkbox"
                  className="size-6 flex-none accent-[var(--ink)]"
                  checked={seen.has(s.check)}
                  onChange={() => {
                    const next = new Set(seen);
                    if (!next.delete(s.check)) next.add(s.check);
                    setSeen(next);
                  }}
                />
                {s.label}
              </label>
            ))}
            <Button
              tone="main"
              className="mt-3 min-h-16 text-[19px]"
              disabled={seen.size < form.safety.length}
              onClick={() => {
                props.say({ type: 'signed', gate: { seen: [...seen] } });
                props.onClose();
              }}
            >
              Sign as {props.holder}
            </Button>
          </div>
        )}
      </Loaded>
    </Sheet>
  );
}
