import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { session } from '../../api/queries';
import { SignInForm } from '../../forms/SignInForm';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';

/** Who holds this screen: one press among those signed in at it, carried by every judgement, overrule and release. */
export function HolderSheet(props: { holder: string; onChosen: (name: string) => void }) {
  const now = useQuery(session()).data;
  const [adding, setAdding] = useState(false);
  return (
    <Sheet
      open
      trackside
      title="Who holds this device?"
      description="Said once; what is decided here carries this name."
      onClose={() => props.onChosen(props.holder)}
    >
      <div className="grid gap-3">
        {(now?.people ?? []).map((p) => (
          <Button
            key={p.id}
            className="min-h-14 justify-start text-lg"
            onClick={() => props.onChosen(p.name)}
          >
            {p.name}
          </Button>
        ))}
        {adding && now ? (
          <SignInForm shortest={now.shortestPassword} onIn={props.onChosen} />
        ) : (
          <Button tone="link" className="min-h-14" onClick={() => setAdding(true)}>
            Somebody else
          </Button>
        )}
      </div>
    </Sheet>
  );
}
