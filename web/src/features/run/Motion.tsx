import type { Gating, Happening } from '../../api/types';
import { Button } from '../../ui/Button';

/** Discs cool about three times slower on a vehicle that stands, so the card asks which it does; a logger's speed answers by itself. */
export function Motion({ gate, say }: { gate: Gating; say: (what: Happening) => void }) {
  return (
    <div
      role="group"
      aria-label="Does the vehicle roll or stand?"
      className="flex gap-2 pb-6 max-[899px]:pb-2"
    >
      {(['ROLLING', 'STANDING'] as const).map((motion) => (
        <Button
          key={motion}
          className="min-h-12"
          pressed={gate.motion === motion}
          onClick={() => say({ type: 'carMoves', motion })}
        >
          {motion === 'ROLLING' ? 'It rolls' : 'It stands'}
        </Button>
      ))}
    </div>
  );
}
