import { useState } from 'react';
import type { Happening, RunView } from '../../api/types';
import { Button } from '../../ui/Button';
import { Field, Input } from '../../ui/Field';
import { Sheet } from '../../ui/Sheet';
import { taskDone } from './stages';

type Words = { title: string; description: string; label: string; example: string };

const SEEN: Words = {
  title: 'Record result',
  description: 'In your own words, so that anyone who was not there understands it.',
  label: 'What was seen or done',
  example: '',
};

/** What is asked for, by the kind of phase. */
const WORDS: Partial<Record<string, Words>> = {
  TREATMENT: {
    title: 'What was put on',
    description: 'Cold discs only: sprays and solvents burn. One application, one stop.',
    label: 'What, where, how much',
    example: 'silicone film, both faces in front, two strokes',
  },
  INSPECTION: {
    title: 'Faces not inspected',
    description:
      'The reason is recorded and shown in the result. Do not drive on a disc that may be cracked.',
    label: 'Reason',
    example: 'inner faces hidden behind the dust shields',
  },
};

/** What was put on or seen, in words: nobody can repeat or believe what was not written down. */
export function TaskSheet(props: { view: RunView; say: (what: Happening) => void; onClose: () => void }) {
  const [note, setNote] = useState('');
  const words = WORDS[props.view.current?.phase?.kind ?? 'OBSERVATION'] ?? SEEN;
  return (
    <Sheet open trackside title={words.title} description={words.description} onClose={props.onClose}>
      <Field label={words.label}>
        <Input
          className="min-h-14"
          maxLength={500}
          autoFocus
          value={note}
          placeholder={words.example}
          onChange={(e) => setNote(e.target.value)}
        />
      </Field>
      <Button
        tone="main"
        className="mt-4 min-h-16 w-full text-[19px]"
        disabled={!note.trim()}
        onClick={() => {
          props.say(taskDone(props.view, note.trim()));
          props.onClose();
        }}
      >
        Done
      </Button>
    </Sheet>
  );
}
