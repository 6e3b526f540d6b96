import { colour, textColour, type Letter } from './letters';

const SHAPES: Record<Letter, string> = {
  A: 'M0 -6V6',
  B: 'M-5 -5 5 5M5 -5-5 5',
  C: 'M-6 3.5 0 -4 6 3.5',
  D: 'M-5 -5H5V5H-5Z',
  E: 'M0 -6.5 6.5 0 0 6.5-6.5 0Z',
  F: 'M-1.5 0a1.5 1.5 0 1 0 3 0a1.5 1.5 0 1 0-3 0',
};

/** A configuration's mark at a place in a picture. */
export function MarkAt({
  letter,
  x,
  y,
  width = 2.2,
}: {
  letter: Letter;
  x: number;
  y: number;
  width?: number;
}) {
  return (
    <path
      d={SHAPES[letter]}
      transform={`translate(${x} ${y})`}
      fill="none"
      stroke={colour(letter)}
      strokeWidth={letter === 'A' ? width * 1.8 : letter === 'F' ? 5 : width}
    />
  );
}

/** Mark and letter in running text. */
export function MarkLabel({ letter }: { letter: Letter }) {
  return (
    <span className="inline-flex items-center gap-1.5 align-middle">
      <svg width="16" height="14" aria-hidden>
        <MarkAt letter={letter} x={8} y={7} />
      </svg>
      <b className="font-[750]" style={{ color: textColour(letter) }}>
        {letter}
      </b>
    </span>
  );
}
