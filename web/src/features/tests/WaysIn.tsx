import { Link } from 'react-router';
import { cx } from '../../ui/cx';

const WAYS: [string, string, string, string][] = [
  [
    '/type',
    'Type stops',
    'You have distances or times on paper, or in a spreadsheet to paste.',
    'M4 5h16M4 12h16M4 19h10',
  ],
  [
    '/import',
    'Bring in a file',
    'A logger’s CSV, a GPS track, or a sheet of stops; several at once.',
    'M12 3v13M6 10l6 6 6-6M4 21h16',
  ],
  [
    '/plan',
    'Plan a day',
    'How many stops, in which order, on which lane, and what it will show.',
    'M4 20V4M4 20h16M8 16v-4M12 16V8M16 16v-6',
  ],
];

/** The three ways to a first verdict. */
export function WaysIn({ large }: { large?: boolean }) {
  return (
    <nav aria-label="Ways in" className={cx('grid gap-3', 'md:grid-cols-3')}>
      {WAYS.map(([to, name, what, shape]) => (
        <Link
          key={to}
          to={to}
          className={cx(
            'flex gap-3.5 rounded-control bg-sheet px-4 shadow-[inset_0_0_0_1.5px_var(--edge)] hover:bg-band',
            large ? 'min-h-32 items-start py-5' : 'min-h-16 items-center py-2.5',
          )}
        >
          <svg width="26" height="26" viewBox="0 0 24 24" aria-hidden className="shrink-0">
            <path d={shape} stroke="var(--ink)" strokeWidth="2.2" fill="none" />
          </svg>
          <span>
            <b className="block text-[17px] font-[640]">{name}</b>
            <span className="block text-[13.5px] text-ink-2">{what}</span>
          </span>
        </Link>
      ))}
    </nav>
  );
}
