import { useState } from 'react';
import type { Happening, RunView, Wheel } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { useDraft } from '../../reader/useDraft';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { number } from '../../units/units';
import { allInside, NumberPad, type PadField } from './NumberPad';
import { inside, useWheels } from './wheels';

/** Discs as they are read before a stop, front first; the time is taken by itself. */
export function DiscsSheet(props: { view: RunView; say: (what: Happening) => void; onClose: () => void }) {
  const { units, system } = usePreferences();
  const t = units.temperature;
  const wheels = useWheels();
  const draft = useDraft<Record<string, string>>(`${props.view.testId}.discs.${props.view.stops.length}`, {});
  const values = draft.value;
  const [active, setActive] = useState<string>('FRONT_LEFT');
  const fields: PadField[] = wheels.map(([wheel, label]) => {
    const last = props.view.discs.find((d) => d.wheel === wheel);
    return {
      key: wheel,
      label,
      unit: t.unit,
      low: Math.round(t.of(-20)),
      high: Math.round(t.of(1100)),
      ...(last && { hint: `last ${number(t.of(last.celsius), 0)}` }),
    };
  });
  const typed = wheels.filter(([w]) => values[w]);
  const ready = typed.length > 0 && allInside(fields, values);
  return (
    <Sheet
      open
      trackside
      title="Read the discs"
      description="Same spot each time, on the blackened patch: bare metal reads far too cold by infrared. Hot parts burn."
      onClose={props.onClose}
    >
      <NumberPad
        fields={fields}
        values={values}
        active={active}
        onActive={setActive}
        onChange={draft.change}
      />
      <Button
        tone="main"
        className="mt-4 min-h-16 w-full text-[19px]"
        disabled={!ready}
        onClick={() => {
          const celsius = Object.fromEntries(
            typed.map(([w]) => [w, inside(Number(values[w]), system)]),
          ) as Partial<Record<Wheel, number>>;
          props.say({ type: 'discsRead', celsius });
          draft.forget();
          props.onClose();
        }}
      >
        Take these readings
      </Button>
    </Sheet>
  );
}
