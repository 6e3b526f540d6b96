import { useState } from 'react';
import type { Comparison } from '../../api/types';
import type { Letter } from '../../charts/letters';
import { Select } from '../../ui/Field';

/** What is held against what, and with which stops. */
export function Choices(props: {
  data: Comparison;
  baselineId: string;
  candidateId: string;
  letter: (id: string) => Letter;
  includeStruckOut: boolean;
  set: (key: string, value: string | null) => void;
}) {
  const { data, letter, set } = props;
  return (
    <div className="no-print mt-6 grid max-w-md gap-3">
      <label className="text-[13px] font-[600]">
        Baseline
        <Select value={props.baselineId} onChange={(e) => set('baseline', e.target.value)}>
          {data.sides.map((s) => (
            <option key={s.configurationId} value={s.configurationId}>
              {letter(s.configurationId)} {s.configuration}
            </option>
          ))}
        </Select>
      </label>
      {data.comparisons.length > 1 && (
        <label className="text-[13px] font-[600]">
          Candidate
          <Select value={props.candidateId} onChange={(e) => set('candidate', e.target.value)}>
            {data.comparisons.map((c) => (
              <option key={c.candidateId} value={c.candidateId}>
                {letter(c.candidateId)} {c.candidate}
              </option>
            ))}
          </Select>
        </label>
      )}
      <StruckOutToo included={props.includeStruckOut} onChange={(on) => set('struck', on ? 'in' : null)} />
    </div>
  );
}

/** Ticked at once; the address, and with it the figures, may follow a moment later. */
function StruckOutToo({ included, onChange }: { included: boolean; onChange: (on: boolean) => void }) {
  const [ticked, setTicked] = useState(included);
  const [followed, setFollowed] = useState(included);
  if (followed !== included) {
    setFollowed(included);
    setTicked(included);
  }
  return (
    <label className="flex items-center gap-2 text-sm">
      <input
        type="checkbox"
        className="size-4 accent-[var(--ink)]"
        checked={ticked}
        onChange={(e) => {
          setTicked(e.target.checked);
          onChange(e.target.checked);
        }}
      />
      Show the figures with struck-out stops in them
    </label>
  );
}
