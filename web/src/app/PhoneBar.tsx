import { useState, type ReactNode } from 'react';
import { Link, useLocation } from 'react-router';
import { Sheet } from '../ui/Sheet';
import { stagesOf, type Stage } from './sections';

/** On a phone the stages stand in a bar below, in reach of a thumb; what is in one opens above it. */
export function PhoneBar({ testId, children }: { testId: string | undefined; children: ReactNode }) {
  const [open, setOpen] = useState<string | null>(null);
  const { pathname } = useLocation();
  const stages = stagesOf(testId);
  const of = (stage: Stage) => stage.sections.some((s) => pathname.startsWith(s.to.split('?')[0] ?? ''));
  const here = stages.findLast(of)?.name;
  const chosen = stages.find((s) => s.name === open);
  return (
    <>
      <nav
        aria-label="Stages"
        className="no-print fixed inset-x-0 bottom-0 z-[2] flex border-t-2 border-ink bg-sheet md:hidden"
      >
        {stages.map((s) => (
          <button
            key={s.name}
            type="button"
            aria-haspopup="dialog"
            aria-current={s.name === here ? 'true' : undefined}
            className="min-h-14 flex-1 text-[15px] font-[550] aria-[current]:bg-ink aria-[current]:text-on-ink"
            onClick={() => setOpen(s.name)}
          >
            {s.name}
          </button>
        ))}
      </nav>
      <Sheet open={chosen !== undefined} title={chosen?.name ?? ''} onClose={() => setOpen(null)}>
        <ul className="grid gap-1">
          {chosen?.sections.map((s) => (
            <li key={s.name}>
              <Link
                to={s.to}
                className="flex min-h-12 items-center border-b border-rule text-[17px] font-[600]"
                onClick={() => setOpen(null)}
              >
                {s.name}
              </Link>
            </li>
          ))}
        </ul>
        <p className="mt-4 flex gap-5 [&_button]:min-h-[44px]">{children}</p>
      </Sheet>
    </>
  );
}
