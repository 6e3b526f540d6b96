import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { planForm } from '../../api/queries';
import type { CrackSeen, Happening, RunView, Wheel } from '../../api/types';
import { useEntries } from '../../forms/useForms';
import { Button, Segments } from '../../ui/Button';
import { Field, Input } from '../../ui/Field';
import { Loaded } from '../../ui/Loaded';
import { Sheet } from '../../ui/Sheet';
import { WHEELS } from './wheels';

type Crack = CrackSeen['crack'];

/** What was seen of one face of one disc. A crack at an edge, or one that grew, stops testing at once. */
export function CrackSheet(props: { view: RunView; say: (what: Happening) => void; onClose: () => void }) {
  const [wheel, setWheel] = useState<Wheel>('FRONT_LEFT');
  const [face, setFace] = useState<CrackSeen['face']>('OUTER');
  const [crack, setCrack] = useState<Crack | null>(null);
  const [length, setLength] = useState('');
  const mm = Number(length.replace(',', '.'));
  const { low, high } = useEntries('reading')('CRACK');
  const wrong = length !== '' && !(mm >= low && mm <= high);
  const before = props.view.cracks.findLast((c) => c.wheel === wheel && c.face === face);
  return (
    <Sheet
      open
      trackside
      title="Looked at a disc"
      description="Cold enough to touch, with a lamp and a straight edge; both faces. Hot parts burn."
      onClose={props.onClose}
    >
      <Loaded query={useQuery(planForm())} what="Reading the classes">
        {(form) => (
          <div className="grid gap-4">
            <Segments<Wheel> large label="Disc" value={wheel} options={WHEELS} onChange={setWheel} />
            <Segments<CrackSeen['face']>
              large
              label="Face"
              value={face}
              options={[
                ['OUTER', 'outer face'],
                ['INNER', 'inner face'],
              ]}
              onChange={setFace}
            />
            <p className="text-[15px] text-ink-2">
              {before
                ? `At the last look: ${form.cracks.find((c) => c.crack === before.crack)?.label}${before.length ? `, ${before.length.entered} mm` : ''}.`
                : 'Not looked at yet in this run.'}
            </p>
            <div role="radiogroup" aria-label="What was seen" className="grid gap-2">
              {form.cracks.map((c, i) => (
                <Button
                  key={c.crack}
                  role="radio"
                  aria-checked={crack === c.crack}
                  tone={crack === c.crack ? 'main' : 'second'}
                  className="min-h-12 justify-start text-left"
                  onClick={() => {
                    setCrack(c.crack);
                    if (c.crack === 'NONE') setLength('');
                  }}
                >
                  {i}. {c.label}
                </Button>
              ))}
            </div>
            {crack && crack !== 'NONE' && (
              <Field
                label="Longest crack"
                help="Along the face, with a rule. Empty when it was not measured."
                error={wrong ? 'It must be 0.5 to 400 mm.' : undefined}
              >
                <Input
                  className="min-h-14"
                  inputMode="decimal"
                  unit="mm"
                  value={length}
                  onChange={(e) => setLength(e.target.value)}
                />
              </Field>
            )}
            <Button
              tone="main"
              className="sticky -bottom-6 min-h-16 text-[19px]"
              disabled={!crack || wrong}
              onClick={() => {
                if (!crack) return;
                const measured = length === '' ? null : { entered: mm, unit: 'MILLIMETRES' as const };
                props.say({ type: 'cracksSeen', faces: [{ wheel, face, crack, length: measured }] });
                props.onClose();
              }}
            >
              Keep what was seen
            </Button>
          </div>
        )}
      </Loaded>
    </Sheet>
  );
}
