/** The graduated foot of the header. */
export function HeaderTape() {
  return (
    <svg className="no-print block w-full bg-sheet" height="10" aria-hidden>
      <defs>
        <pattern id="tape" width="160" height="10" patternUnits="userSpaceOnUse">
          {Array.from({ length: 20 }, (_, i) => (
            <line
              key={i}
              x1={i * 8 + 0.5}
              x2={i * 8 + 0.5}
              y1={10 - (i === 0 ? 10 : i % 5 === 0 ? 8 : 4)}
              y2={10}
              stroke="var(--ink)"
            />
          ))}
        </pattern>
      </defs>
      <rect width="100%" height="10" fill="url(#tape)" />
    </svg>
  );
}
