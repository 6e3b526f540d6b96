import { newId } from '../../api/newId';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, Problem } from '../../api/client';
import { lanes as lanesQuery } from '../../api/queries';
import type { Entry, LaneSpec, LaneView } from '../../api/types';
import { Button } from '../../ui/Button';
import { Field, Input, Select } from '../../ui/Field';
import { Failure } from '../../ui/Layout';
import { QuantityField } from '../../ui/QuantityField';
import { Sheet } from '../../ui/Sheet';
import { fieldKey } from './fieldKey';

const NEW: LaneSpec = {
  site: '',
  lane: '',
  length: { entered: 300, unit: 'METRES' },
  runOff: { entered: 100, unit: 'METRES' },
  grade: { entered: 0, unit: 'PERCENT' },
  surface: '',
  bothWays: false,
  controlledBy: '',
  lap: null,
};

/** Where is driven: chosen from the lanes known, or described. */
export function LaneForm(props: {
  entries: Entry[];
  lanes: LaneView[];
  chosen: string | null;
  onChoose: (id: string | null) => void;
}) {
  const [edited, setEdited] = useState<LaneView | null>(null);
  const chosen = props.lanes.find((l) => l.id === props.chosen);
  return (
    <div>
      <Field label="Lane" help="A closed course; never a public road.">
        <Select value={props.chosen ?? ''} onChange={(e) => props.onChoose(e.target.value || null)}>
          <option value="">none chosen</option>
          {props.lanes.map((l) => (
            <option key={l.id} value={l.id}>
              {l.lane.lane}
            </option>
          ))}
        </Select>
      </Field>
      <div className="mt-2 flex gap-4">
        {chosen && (
          <Button tone="link" onClick={() => setEdited(chosen)}>
            Change it
          </Button>
        )}
        <Button tone="link" onClick={() => setEdited({ id: newId(), lane: NEW, version: 0 })}>
          Describe a lane
        </Button>
      </div>
      {edited && (
        <LaneSheet
          key={edited.id}
          lane={edited}
          entries={props.entries}
          onSaved={(id) => {
            setEdited(null);
            props.onChoose(id);
          }}
          onClose={() => setEdited(null)}
        />
      )}
    </div>
  );
}

function LaneSheet(props: {
  lane: LaneView;
  entries: Entry[];
  onSaved: (id: string) => void;
  onClose: () => void;
}) {
  const client = useQueryClient();
  const [spec, setSpec] = useState(props.lane.lane);
  const save = useMutation({
    mutationFn: () => ask(api.PUT('/api/lanes', { body: { ...props.lane, lane: spec } })),
    onSuccess: async (saved) => {
      await client.invalidateQueries({ queryKey: lanesQuery().queryKey });
      await client.invalidateQueries({ queryKey: ['test'] });
      props.onSaved(saved.id);
    },
  });
  const errors = save.error instanceof Problem ? save.error.fields : {};
  const text = (label: string, key: 'site' | 'lane' | 'surface' | 'controlledBy') => (
    <Field label={label} error={errors[key]}>
      <Input value={spec[key]} onChange={(e) => setSpec({ ...spec, [key]: e.target.value })} />
    </Field>
  );
  const lapEntry = props.entries.find((e) => fieldKey(e.field) === 'lap');
  const quantity = (key: 'length' | 'runOff' | 'grade') => {
    const allowed = props.entries.find((e) => fieldKey(e.field) === key);
    return (
      allowed && (
        <QuantityField
          allowed={allowed}
          value={spec[key]}
          {...(errors[key] ? { error: errors[key] } : {})}
          onChange={(q) => q && setSpec({ ...spec, [key]: q })}
        />
      )
    );
  };
  return (
    <Sheet open title="The lane" onClose={props.onClose}>
      <form
        className="grid gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          save.mutate();
        }}
      >
        {text('Name of the lane', 'lane')}
        {text('Site', 'site')}
        {quantity('length')}
        {quantity('runOff')}
        {quantity('grade')}
        {lapEntry && (
          <QuantityField
            allowed={lapEntry}
            value={spec.lap}
            {...(errors.lap ? { error: errors.lap } : {})}
            onChange={(lap) => setSpec({ ...spec, lap })}
          />
        )}
        {text('Surface', 'surface')}
        {text('Controlled by', 'controlledBy')}
        <label className="flex items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="size-4 accent-[var(--ink)]"
            checked={spec.bothWays}
            onChange={(e) => setSpec({ ...spec, bothWays: e.target.checked })}
          />
          May be driven both ways
        </label>
        {save.error && Object.keys(errors).length === 0 && <Failure error={save.error} />}
        <div className="flex gap-3">
          <Button tone="main" type="submit">
            Keep the lane
          </Button>
          <Button onClick={props.onClose}>Leave it</Button>
        </div>
      </form>
    </Sheet>
  );
}
