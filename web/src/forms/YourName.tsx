import { useQuery } from '@tanstack/react-query';
import { session } from '../api/queries';
import { usePreferences } from '../reader/preferences';
import { Field, Select } from '../ui/Field';

/** Who keeps what is entered: whoever holds this screen, of those who are signed in at it. */
export function YourName({
  label = 'Kept by',
  className = 'max-w-64',
}: {
  label?: string;
  className?: string;
}) {
  const { person, setPerson } = usePreferences();
  const people = useQuery(session()).data?.people ?? [];
  if (people.length < 2) {
    return (
      <p className={className}>
        <span className="mb-1 block text-[13px] font-[600]">{label}</span>
        <span className="flex min-h-9 items-center text-[15px]">{person}</span>
      </p>
    );
  }
  return (
    <Field label={label} className={className}>
      <Select value={person} onChange={(e) => setPerson(e.target.value)}>
        {people.map((p) => (
          <option key={p.id}>{p.name}</option>
        ))}
      </Select>
    </Field>
  );
}
