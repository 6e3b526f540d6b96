import type { FadeSide } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';

/** Every configuration by its letter and name, each to be taken out of the picture and put back. */
export function Drawn(props: {
  sides: FadeSide[];
  drawn: ReadonlySet<string>;
  onToggle: (id: string) => void;
}) {
  return (
    <p className="flex flex-wrap gap-x-5 gap-y-1 text-[15px]">
      {props.sides.map((s, i) => (
        <button
          key={s.configurationId}
          type="button"
          aria-pressed={props.drawn.has(s.configurationId)}
          onClick={() => props.onToggle(s.configurationId)}
          className="min-h-6 text-left aria-[pressed=false]:text-ink-3 max-md:min-h-[44px]"
        >
          <MarkLabel letter={letterOf(i)} /> {s.name}
          {!props.drawn.has(s.configurationId) && <i className="text-[13px] not-italic">, not drawn</i>}
        </button>
      ))}
    </p>
  );
}
