import { RadioGroup } from 'radix-ui';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { planForm } from '../../api/queries';
import type { CrackSeen, Happening, PlanForm, RunView, Wheel } from '../../api/types';
import { useEntries } from '../../forms/useForms';
import { Button } from '../../ui/Button';
import { Segments } from '../../ui/Segments';
import { Field, Input } from '../../ui/Field';
import { Loaded } from '../../ui/Loaded';
import { Sheet } from '../../ui/Sheet';
import { useWheels } from './wheels';

type Crack = CrackSeen['crack'];

/** What was seen of one face of one disc. A crack at an edge, or one that grew, stops testing at once. */
export function CrackSheet(props: { view: RunView; say: (what: Happening) => void; onClose: () => void }) {
  const wheels = useWheels();
  const [wheel, setWheel] = useState<Wheel>('FRONT_LEFT');
  const [face, setFace] = useState<CrackSeen['face']>('OUTER');
  const [crack, setCrack] = useState<Crack | null>(null);
  const [length, setLength] = useState('');
  const mm = Number(length.replace(',', '.'));
  const { low = 0, high = 0 } = useEntries('reading')('CRACK').units[0] ?? {};
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
            <Segments<Wheel> large label="Disc" value={wheel} options={wheels} onChange={setWheel} />
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
            <Classes
              cracks={form.cracks}
              chosen={crack}
              onChoose={(c) => {
                setCrack(c);
                if (c === 'NONE') setLength('');
              }}
            />
            {crack && crack !== 'NONE' && (
              <Field
                label="Longest crack"
                help="Along the face, with a rule. Empty when it was not measured."
                error={wrong ? `It must be ${low} to ${high} mm.` : undefined}
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

/** How the face may look, from none to the worst; arrows go from one to the next. */
function Classes(props: {
  cracks: PlanForm['cracks'];
  chosen: Crack | null;
  onChoose: (crack: Crack) => void;
}) {
  return (
    <RadioGroup.Root
      aria-label="What was seen"
      value={props.chosen}
      onValueChange={(c) => props.onChoose(c as Crack)}
      className="grid gap-2"
    >
      {props.cracks.map((c, i) => (
        <RadioGroup.Item key={c.crack} value={c.crack} asChild>
          <Button
            tone={props.chosen === c.crack ? 'main' : 'second'}
            className="min-h-12 justify-start text-left"
          >
            {i}. {c.label}
          </Button>
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
