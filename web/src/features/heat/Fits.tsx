import type { Heat } from '../../api/types';
import { Status } from '../../ui/Status';
import { said, type UnitTable } from '../../units/units';

const KIND = {
  PAD_FITS: 'pass',
  LADDER_COVERS: 'pass',
  NO_PAD_FITS: 'caution',
  PAD_WORKED_TOO_HOT: 'caution',
  PAD_BEGINS_TOO_COLD: 'caution',
  LADDER_ENDS_BELOW: 'caution',
  LADDER_BEGINS_ABOVE: 'caution',
} as const;
const WORD = { pass: 'Fits', caution: 'Does not' };

/** Which of the parts that the garage keeps fit the work of this test. */
export function Fits({ fits, units }: { fits: Heat['fits']; units: UnitTable }) {
  return (
    <ul className="grid max-w-[90ch] gap-1.5 text-[14.5px]">
      {fits.map((f) => {
        const kind = KIND[f.code.replace(/^.*\./, '') as keyof typeof KIND] as 'pass' | 'caution' | undefined;
        return (
          <li key={f.text.metric} className="flex gap-3">
            <span className="w-28 shrink-0">
              {kind && (
                <Status small kind={kind} word={f.code.endsWith('NO_PAD_FITS') ? 'Missing' : WORD[kind]} />
              )}
            </span>
            <span>{said(f, units)}</span>
          </li>
        );
      })}
    </ul>
  );
}
