import { useEffect, useRef, type HTMLAttributes, type TdHTMLAttributes, type ThHTMLAttributes } from 'react';
import { cx } from './cx';
import { nameCells } from './nameCells';

/**
 * Tables hang on rules between rows; figures stand right. On a phone a table of four columns or more turns into rows one
 * can read, each cell under the name of its column, unless its columns are said to be narrow.
 */
export function Table({
  className,
  narrow = false,
  ...rest
}: HTMLAttributes<HTMLTableElement> & { narrow?: boolean }) {
  const ref = useRef<HTMLTableElement>(null);
  useEffect(() => {
    if (ref.current && !narrow) nameCells(ref.current);
  });
  return <table ref={ref} className={cx('w-full border-collapse text-sm', className)} {...rest} />;
}

export function Th({
  className,
  numeric,
  ...rest
}: ThHTMLAttributes<HTMLTableCellElement> & { numeric?: boolean }) {
  return (
    <th
      scope="col"
      className={cx(
        'border-b-[1.5px] border-ink px-1.5 pb-1.5 align-bottom text-[12.5px] font-normal text-ink-3 [font-stretch:92%]',
        numeric ? 'text-right' : 'text-left',
        className,
      )}
      {...rest}
    />
  );
}

export function Td({
  className,
  numeric,
  ...rest
}: TdHTMLAttributes<HTMLTableCellElement> & { numeric?: boolean }) {
  return (
    <td
      className={cx('h-[31px] border-b border-rule px-1.5 py-0.5', numeric && 'text-right', className)}
      {...rest}
    />
  );
}

/** A value with its uncertainty, to the same decimals. */
export function PlusMinus({ value, uncertainty }: { value: string; uncertainty: string }) {
  return (
    <>
      <b className="font-[650]">{value}</b> <span className="text-ink-3">± {uncertainty}</span>
    </>
  );
}
