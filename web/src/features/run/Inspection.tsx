import type { Happening, RunView } from '../../api/types';
import { Button } from '../../ui/Button';
import { useWheels } from './wheels';

/** Discs looked at for cracks: which faces an inspection still asks for, and what was recorded. */
export function Inspection(props: {
  view: RunView;
  stage: RunView['stage'];
  say: (what: Happening) => void;
  onFace: () => void;
}) {
  const { toInspect } = props.view;
  const wheels = useWheels();
  const name = (wheel: string) => wheels.find(([w]) => w === wheel)?.[1] ?? wheel;
  const asked = props.stage === 'TASK' && toInspect.length > 0;
  return (
    <div className="grid justify-items-start gap-3">
      {asked && (
        <>
          <h2 className="text-[19px] font-[640]">Still to inspect</h2>
          <ul className="grid gap-1 text-[17px]">
            {toInspect.map((f) => (
              <li key={f.wheel + f.face}>
                {name(f.wheel)}, {f.face.toLowerCase()} face
              </li>
            ))}
          </ul>
        </>
      )}
      <span className="flex flex-wrap gap-3">
        <Button className="min-h-14" onClick={props.onFace}>
          Record a crack inspection
        </Button>
        {asked && (
          <Button
            className="min-h-14"
            onClick={() =>
              props.say({
                type: 'cracksSeen',
                faces: toInspect.map((f) => ({ ...f, crack: 'NONE', length: null })),
              })
            }
          >
            No crack on any of these faces
          </Button>
        )}
      </span>
    </div>
  );
}
