import { useState } from 'react';
import { YourName } from '../../forms/YourName';
import { Button } from '../../ui/Button';
import { Field, Input } from '../../ui/Field';
import { Sheet } from '../../ui/Sheet';

/** Asks why; it is kept with whoever says so. */
export function ReasonSheet(props: {
  open: boolean;
  title: string;
  description: string;
  action: string;
  suggestions: string[];
  onDone: (reason: string) => void;
  onClose: () => void;
}) {
  const [reason, setReason] = useState('');
  const ready = reason.trim() !== '';
  return (
    <Sheet open={props.open} title={props.title} description={props.description} onClose={props.onClose}>
      <form
        className="grid gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          if (ready) props.onDone(reason.trim());
        }}
      >
        <Field label="Reason">
          <Input
            list="reasons"
            value={reason}
            maxLength={500}
            autoFocus
            onChange={(e) => setReason(e.target.value)}
          />
        </Field>
        <datalist id="reasons">
          {props.suggestions.map((s) => (
            <option key={s} value={s} />
          ))}
        </datalist>
        <YourName label="Decided by" />
        <div className="flex gap-3">
          <Button type="submit" tone="main" disabled={!ready}>
            {props.action}
          </Button>
          <Button onClick={props.onClose}>Cancel</Button>
        </div>
      </form>
    </Sheet>
  );
}
