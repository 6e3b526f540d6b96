import { colour, KINDS, placeOf, textColour, type Letter } from './letters';

const SHAPES = [
  'M0 -6V6',
  'M-5 -5 5 5M5 -5-5 5',
  'M-6 3.5 0 -4 6 3.5',
  'M-5 -5H5V5H-5Z',
  'M0 -6.5 6.5 0 0 6.5-6.5 0Z',
  'M-1.5 0a1.5 1.5 0 1 0 3 0a1.5 1.5 0 1 0-3 0',
];

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
  const place = placeOf(letter);
  if (place >= KINDS) return <LetterAt letter={letter} x={x} y={y} />;
  return (
    <path
      d={SHAPES[place]}
      transform={`translate(${x} ${y})`}
      fill="none"
      stroke={colour(letter)}
      strokeWidth={place === 0 ? width * 1.8 : place === 5 ? 5 : width}
    />
  );
}

/** Where the shapes are used up, the letter itself is the mark. */
function LetterAt({ letter, x, y }: { letter: Letter; x: number; y: number }) {
  return (
    <text
      x={x}
      y={y + 4.5}
      textAnchor="middle"
      fontSize={letter.length > 1 ? 10 : 13}
      fontWeight={750}
      fill={textColour(letter)}
    >
      {letter}
    </text>
  );
}

/** Mark and letter in running text. */
export function MarkLabel({ letter }: { letter: Letter }) {
  return (
    <span className="inline-flex items-center gap-1.5 align-middle">
      {placeOf(letter) < KINDS && (
        <svg width="16" height="14" aria-hidden>
          <MarkAt letter={letter} x={8} y={7} />
        </svg>
      )}
      <b className="font-[750]" style={{ color: textColour(letter) }}>
        {letter}
      </b>
    </span>
  );
}
