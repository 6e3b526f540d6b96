import { useState } from 'react';
import type { Validity } from '../../api/types';
import { Button } from '../../ui/Button';
import { Field, Input } from '../../ui/Field';
import { Sheet } from '../../ui/Sheet';

const COMMON: Record<string, string[]> = {
  REPEAT: ['braked before the cone', 'pedal not held', 'mark not found', 'something on the lane'],
  NOTE: ['thermometer held wrongly', 'switch was as asked after all', 'interval does not matter here'],
};

/** Overruling the rules takes a reason, which is kept with the stop. */
export function OverruleSheet(props: {
  validity: Validity;
  onDone: (reason: string) => void;
  onClose: () => void;
}) {
  const [reason, setReason] = useState('');
  return (
    <Sheet
      open
      trackside
      title={props.validity === 'REPEAT' ? 'Why drive it again?' : 'Why let it count?'}
      description="The rules say otherwise. The reason is kept with the stop, under your name."
      onClose={props.onClose}
    >
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          if (reason.trim()) props.onDone(reason.trim());
        }}
      >
        {(COMMON[props.validity] ?? []).map((r) => (
          <Button key={r} className="min-h-14 justify-start text-[17px]" onClick={() => props.onDone(r)}>
            {r}
          </Button>
        ))}
        <Field label="Another reason">
          <Input
            className="min-h-14"
            maxLength={300}
            value={reason}
            onChange={(e) => setReason(e.target.value)}
          />
        </Field>
        <Button tone="main" type="submit" className="min-h-14" disabled={!reason.trim()}>
          {props.validity === 'REPEAT' ? 'Drive it again' : 'Let it count'}
        </Button>
      </form>
    </Sheet>
  );
}
