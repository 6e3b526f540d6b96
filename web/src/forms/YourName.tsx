import { usePreferences } from '../reader/preferences';
import { Field, Input } from '../ui/Field';

/** Who keeps what is typed; this device remembers it. */
export function YourName() {
  const { person, setPerson } = usePreferences();
  return (
    <Field label="Your name" help="It stands beside what you keep." className="max-w-64">
      <Input value={person} maxLength={100} autoComplete="name" onChange={(e) => setPerson(e.target.value)} />
    </Field>
  );
}
