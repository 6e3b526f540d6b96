import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Field, Input } from '../../ui/Field';
import { Sheet } from '../../ui/Sheet';

/** Asks why, and who says so; both are kept. */
export function ReasonSheet(props: {
  open: boolean;
  title: string;
  description: string;
  action: string;
  suggestions: string[];
  person: string;
  onDone: (reason: string, person: string) => void;
  onClose: () => void;
}) {
  const [reason, setReason] = useState('');
  const [person, setPerson] = useState(props.person);
  const ready = reason.trim() !== '' && person.trim() !== '';
  return (
    <Sheet open={props.open} title={props.title} description={props.description} onClose={props.onClose}>
      <form
        className="grid gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          if (ready) props.onDone(reason.trim(), person.trim());
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
        <Field label="Your name" help="Kept with the decision.">
          <Input value={person} maxLength={100} onChange={(e) => setPerson(e.target.value)} />
        </Field>
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
