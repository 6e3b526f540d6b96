import type { Finding } from '../api/types';
import { said, type UnitTable } from '../units/units';

/** Says that samples were let go which something on this page would be read off; nothing where all are here. */
export function LetGo({ of, units }: { of: Finding | null | undefined; units: UnitTable }) {
  return of ? (
    <p className="mb-2 max-w-[85ch] text-[14px] text-ink-2">Not computed of all: {said(of, units)}.</p>
  ) : null;
}
