import { ToggleGroup } from 'radix-ui';
import { cx } from './cx';

/** A choice of few, side by side; arrows go from one to the next. */
export function Segments<T extends string>(props: {
  label: string;
  value: T;
  options: [T, string][];
  onChange: (value: T) => void;
  /** For gloves. */
  large?: boolean;
}) {
  // An empty value is one of the choices here, and none of them for the group.
  const inGroup = (value: string) => `=${value}`;
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={props.label}
      value={inGroup(props.value)}
      onValueChange={(chosen) => chosen !== '' && props.onChange(chosen.slice(1) as T)}
      className="inline-flex flex-wrap justify-self-start rounded-control shadow-[inset_0_0_0_1.5px_var(--edge)]"
    >
      {props.options.map(([value, label]) => (
        <ToggleGroup.Item
          key={value}
          value={inGroup(value)}
          className={cx(
            'rounded-control px-3.5 font-[550] data-[state=on]:bg-ink data-[state=on]:text-on-ink',
            props.large ? 'min-h-14 text-[16px]' : 'min-h-8 text-sm max-md:min-h-[44px]',
          )}
        >
          {label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
