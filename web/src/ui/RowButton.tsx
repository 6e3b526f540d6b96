import { Button } from './Button';

/** What can be done with one row of a table: its row says which to the eye, its label to the ear. */
export function RowButton(props: { act: string; of: string; disabled?: boolean; onClick: () => void }) {
  return (
    <Button
      tone="link"
      className="whitespace-nowrap"
      aria-label={`${props.act} ${props.of}`}
      disabled={props.disabled}
      onClick={props.onClick}
    >
      {props.act}
    </Button>
  );
}
