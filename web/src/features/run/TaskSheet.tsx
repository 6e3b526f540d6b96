import { useState } from 'react';
import type { Happening, RunView } from '../../api/types';
import { Button } from '../../ui/Button';
import { Field, Input } from '../../ui/Field';
import { Sheet } from '../../ui/Sheet';

/** What was put on or seen, in words: nobody can repeat or believe what was not written down. */
export function TaskSheet(props: { view: RunView; say: (what: Happening) => void; onClose: () => void }) {
  const [note, setNote] = useState('');
  const phase = props.view.current?.phase;
  const treatment = phase?.kind === 'TREATMENT';
  return (
    <Sheet
      open
      trackside
      title={treatment ? 'What was put on' : 'What was seen'}
      description={
        treatment
          ? 'Cold discs only: sprays and solvents burn. One application, one stop.'
          : 'In your own words, as you would tell somebody who was not there.'
      }
      onClose={props.onClose}
    >
      <Field label={treatment ? 'What, where, how much' : 'What was seen'}>
        <Input
          className="min-h-14"
          maxLength={500}
          autoFocus
          value={note}
          placeholder={treatment ? 'silicone film, both faces in front, two strokes' : ''}
          onChange={(e) => setNote(e.target.value)}
        />
      </Field>
      <Button
        tone="main"
        className="mt-4 min-h-16 w-full text-[19px]"
        disabled={!note.trim()}
        onClick={() => {
          props.say({ type: 'taskDone', note: note.trim() });
          props.onClose();
        }}
      >
        Done
      </Button>
    </Sheet>
  );
}
