import type { HTMLAttributes, ReactNode } from 'react';
import { Problem } from '../api/client';
import { cx } from './cx';

/** A strip across the page, on the sheet or on the ground. */
export function Strip({
  tone,
  className,
  ...rest
}: HTMLAttributes<HTMLElement> & { tone?: 'sheet' | 'ground' }) {
  return (
    <section className={cx('px-8 py-4 max-md:px-4', tone === 'sheet' && 'bg-sheet', className)} {...rest} />
  );
}

export function Heading({ children, note }: { children: ReactNode; note?: string }) {
  return (
    <h2 className="mb-2 text-base font-[680]">
      {children}
      {note && <small className="ml-2 text-[13px] font-normal text-ink-3 [font-stretch:92%]">{note}</small>}
    </h2>
  );
}

/** The sentence that opens a reading page, and how sure it is. */
export function Answer({ children, sure }: { children: ReactNode; sure: ReactNode }) {
  return (
    <div>
      <h1 className="max-w-[46ch] text-[26px]">{children}</h1>
      <p className="mt-1.5 max-w-[46rem] text-[14.5px] text-ink-2">{sure}</p>
    </div>
  );
}

export function Key({ children }: { children: ReactNode }) {
  return (
    <kbd className="rounded-[2px] border border-current px-1.5 text-xs font-semibold [font-family:inherit]">
      {children}
    </kbd>
  );
}

/** In place of what could not be shown: what failed, and what to do. */
export function Failure({ error }: { error: unknown }) {
  const problem = error instanceof Problem ? error : new Problem('It did not work', String(error));
  return (
    <div role="alert" className="border-l-[3px] border-block bg-sheet p-4">
      <p className="font-[650] text-block">{problem.title}</p>
      <p className="mt-1 max-w-[70ch] break-words">{problem.message}</p>
    </div>
  );
}

/** An empty slab with one line where the first mark will go, and one thing to do. */
export function EmptySlab({ line, children }: { line: string; children?: ReactNode }) {
  return (
    <div className="flex min-h-44 flex-col items-start justify-center gap-4 bg-slab px-8 [background-image:repeating-linear-gradient(90deg,transparent_0_118px,var(--joint)_118px_119.5px)]">
      <p className="bg-slab pr-4">{line}</p>
      {children}
    </div>
  );
}

/** Slab at once, and after that what is being read. */
export function Reading({ what }: { what: string }) {
  return (
    <div role="status" data-reading className="min-h-44 bg-slab p-6 text-ink-3">
      {what}
    </div>
  );
}
