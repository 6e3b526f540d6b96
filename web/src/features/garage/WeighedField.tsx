import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, Problem } from '../../api/client';
import type { Entry, Quantity, Weighing } from '../../api/types';
import { useEntries } from '../../forms/useForms';
import { Button } from '../../ui/Button';
import { Failure } from '../../ui/Layout';
import { QuantityField } from '../../ui/QuantityField';
import { Sheet } from '../../ui/Sheet';

/** Entries by field, with one set or taken out. */
export function withEntry<T>(all: Record<string, T>, field: string, value: T | null): Record<string, T> {
  const next = { ...all };
  if (value === null) delete next[field];
  else next[field] = value;
  return next;
}

const LARGEST_PART_KG = 200;

/** A figure; the mass of a part may also be weighed by difference, and then carries the scale's step as its ±. */
export function WeighedField(props: {
  entry: Entry;
  value: Quantity | null;
  uncertainty: Quantity | null;
  error: string | undefined;
  onChange: (value: Quantity | null, uncertainty: Quantity | null) => void;
}) {
  const { entry, value, uncertainty } = props;
  const [open, setOpen] = useState(false);
  // The field keeps what is typed; a mass from the scales starts it anew.
  const [weighed, setWeighed] = useState(0);
  const weighable = entry.units.some((u) => u.unit === 'KILOGRAMS') && entry.highInside <= LARGEST_PART_KG;
  return (
    <div>
      <QuantityField
        key={weighed}
        allowed={entry}
        value={value}
        {...(props.error ? { error: props.error } : {})}
        onChange={(typed) => props.onChange(typed, null)}
      />
      {weighable && (
        <div className="mt-1 flex flex-wrap items-center gap-3 text-[13px] text-ink-2">
          {uncertainty && (
            <span data-as-typed>
              ± {uncertainty.entered} {entry.units.find((u) => u.unit === uncertainty.unit)?.symbol}, from the
              scale
            </span>
          )}
          <Button tone="link" aria-label={`Weigh ${entry.label} by difference`} onClick={() => setOpen(true)}>
            Weigh it by difference
          </Button>
        </div>
      )}
      {open && (
        <WeighingSheet
          entry={entry}
          onClose={() => setOpen(false)}
          onWeighed={(mass, own) => {
            props.onChange(mass, own);
            setWeighed(weighed + 1);
            setOpen(false);
          }}
        />
      )}
    </div>
  );
}

type Written = { [K in keyof Weighing]: Quantity | null };

function WeighingSheet(props: {
  entry: Entry;
  onClose: () => void;
  onWeighed: (mass: Quantity, uncertainty: Quantity) => void;
}) {
  const [readings, setReadings] = useState<Written>({ with: null, without: null, step: null });
  const weigh = useMutation({
    mutationFn: (w: Weighing) => ask(api.POST('/api/garage/weighing', { body: w })),
    onSuccess: (w) => props.onWeighed(w.mass, w.uncertainty),
  });
  const errors = weigh.error instanceof Problem ? weigh.error.fields : {};
  const entry = useEntries('weighing');
  const field = (key: keyof Weighing) => (
    <QuantityField
      allowed={entry(key.toUpperCase())}
      value={readings[key]}
      {...(errors[key] ? { error: errors[key] } : {})}
      onChange={(q) => setReadings({ ...readings, [key]: q })}
    />
  );
  const { with: whole, without, step } = readings;
  const ready = whole && without && step && { with: whole, without, step };
  return (
    <Sheet
      open
      title={`${props.entry.label}, weighed by difference`}
      description="Stand on one scale with the part, then without it. The step of the scale goes into the ± of the part."
      onClose={props.onClose}
    >
      <form
        className="grid gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          e.stopPropagation();
          if (ready) weigh.mutate(ready);
        }}
      >
        {field('with')}
        {field('without')}
        {field('step')}
        {weigh.error && Object.keys(errors).length === 0 && <Failure error={weigh.error} />}
        <div className="flex gap-3">
          <Button tone="main" type="submit" disabled={!ready || weigh.isPending}>
            Take this mass
          </Button>
          <Button onClick={props.onClose}>Leave it</Button>
        </div>
      </form>
    </Sheet>
  );
}
