import { cx } from './cx';

export type StatusKind = 'pass' | 'caution' | 'block' | 'struck' | 'wait' | 'unknown';

const LOOKS: Record<StatusKind, { colour: string; shape: React.ReactNode }> = {
  pass: { colour: 'text-pass', shape: <path d="M2 8.5 6 12.5 14 3.5" strokeWidth="2.6" fill="none" /> },
  caution: {
    colour: 'text-caution',
    shape: <path d="M8 1.5 15 14H1ZM8 6v4M8 11.2v1.6" strokeWidth="1.6" fill="none" />,
  },
  block: {
    colour: 'text-block',
    shape: <path d="M5 1h6l4 4v6l-4 4H5l-4-4V5Z" strokeWidth="1" fill="currentColor" />,
  },
  struck: {
    colour: 'text-ink-3',
    shape: <path d="M8 1v14M3 11l10-6" strokeWidth="1.6" strokeDasharray="3 2" fill="none" />,
  },
  unknown: {
    colour: 'text-ink-3',
    shape: <circle cx="8" cy="8" r="5.5" strokeWidth="1.6" strokeDasharray="2.5 2.5" fill="none" />,
  },
  wait: {
    colour: 'text-ink',
    shape: <path d="M3 1h10M3 15h10M4 1c0 6 8 8 8 14M12 1c0 6-8 8-8 14" strokeWidth="1.6" fill="none" />,
  },
};

/** A state by shape, word and colour together. */
export function Status({ kind, word, small }: { kind: StatusKind; word: string; small?: boolean }) {
  const look = LOOKS[kind];
  return (
    <span
      className={cx(
        'inline-flex items-center gap-1.5 text-[13px]',
        look.colour,
        small ? 'font-[450]' : 'font-[650]',
      )}
    >
      <svg
        width={small ? 12 : 15}
        height={small ? 12 : 15}
        viewBox="0 0 16 16"
        aria-hidden
        stroke="currentColor"
      >
        {look.shape}
      </svg>
      {word}
    </span>
  );
}
