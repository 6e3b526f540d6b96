import { useState, type ReactNode } from 'react';

/** What not everybody needs, under the question it answers; opened by a press, a key, or a search on the page. */
export function Folded(props: {
  question: string;
  note?: string;
  open?: boolean;
  /** Its answer takes long to work out, and is only asked for once it is opened. */
  lazy?: boolean;
  children: ReactNode;
}) {
  const [wasOpened, setWasOpened] = useState(false);
  return (
    <details
      className="group border-t border-rule"
      open={props.open}
      onToggle={(e) => e.currentTarget.open && setWasOpened(true)}
    >
      <summary className="flex min-h-[44px] cursor-pointer flex-wrap items-baseline gap-x-2 py-2 text-base font-[620]">
        <span aria-hidden className="w-3.5 text-[13px] group-open:rotate-90">
          ▸
        </span>
        {props.question}
        {props.note && <small className="text-[13px] font-normal text-ink-3">{props.note}</small>}
      </summary>
      <div className="grid grid-cols-1 gap-6 pt-1 pb-5">{(wasOpened || !props.lazy) && props.children}</div>
    </details>
  );
}
