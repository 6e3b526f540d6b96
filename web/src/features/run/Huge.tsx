/** The one figure that matters now. */
export function Huge({ children }: { children: string }) {
  return (
    <span className="text-[min(30vw,210px)] leading-[0.86] font-[680] tracking-tight [font-stretch:66%] tabular-nums">
      {children}
    </span>
  );
}
