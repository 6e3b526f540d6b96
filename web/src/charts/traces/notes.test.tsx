import { render } from '@testing-library/react';
import { scaleLinear } from 'd3-scale';
import { expect, it } from 'vitest';
import type { MeasuredStop } from '../../api/types';
import { unitsOf } from '../../units/units';
import { Dimension } from './Dimension';
import type { Pane } from './layout';
import { PlateauNotes } from './PlateauNotes';

const stop = {
  distance: { value: 49.4 },
  time: { value: 3.84 },
  mfdd: { value: 6.74 },
  plateauStartS: { value: 1 },
  plateauEndS: { value: 3 },
  buildUp: { value: 0.28 },
  uncertainty: { distance: { value: 0.35 }, mfdd: { value: 0.06 } },
} as unknown as MeasuredStop;
const PANE = { y: 0, low: 0, high: 10, height: 100 } as unknown as Pane;

it('draws ± as the 95 % range, as the table beside it does', () => {
  const units = unitsOf('metric');
  const { container } = render(
    <svg>
      <Dimension from={0} to={400} stop={stop} units={units} />
      <PlateauNotes
        stop={stop}
        pane={PANE}
        traceZeroS={0}
        axis="time"
        x={scaleLinear([0, 4], [0, 400])}
        units={units}
        onset={0.5}
      />
    </svg>,
  );
  expect(container.textContent).toMatch(/49\.4.*± 0\.7 m/);
  expect(container.textContent).toMatch(/6\.74 ± 0\.12/);
});
