import { Input, Select } from '../../ui/Field';
import type { choicesOf, Filter } from './list';

const NAMES: [keyof ReturnType<typeof choicesOf>, string, string][] = [
  ['vehicle', 'Vehicle', 'every vehicle'],
  ['configuration', 'Configuration', 'every configuration'],
  ['year', 'Year', 'every year'],
];

/** Narrows the list: by words, by vehicle, configuration and year. */
export function Filters(props: {
  choices: ReturnType<typeof choicesOf>;
  filter: Filter;
  onChange: (filter: Filter) => void;
}) {
  const { filter, choices } = props;
  return (
    <div role="search" className="mb-3 grid gap-2.5 md:grid-cols-4">
      <label>
        <span className="sr-only">Search tests</span>
        <Input
          type="search"
          placeholder="Search"
          value={filter.search}
          onChange={(e) => props.onChange({ ...filter, search: e.target.value })}
        />
      </label>
      {NAMES.map(([key, label, every]) =>
        choices[key].length > 1 ? (
          <Select
            key={key}
            aria-label={label}
            value={filter[key]}
            onChange={(e) => props.onChange({ ...filter, [key]: e.target.value })}
          >
            <option value="">{every}</option>
            {choices[key].map((c) => (
              <option key={c}>{c}</option>
            ))}
          </Select>
        ) : null,
      )}
    </div>
  );
}
