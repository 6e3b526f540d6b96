import { render, screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { HeatSide, PeakClue } from '../../api/types';
import { unitsOf } from '../../units/units';
import { Residuals } from './Residuals';
import { Sawtooth } from './Sawtooth';

const why = { reason: 'not read' };
const clue = (part: Partial<PeakClue>): PeakClue => ({
  source: 'BLACKENED',
  face: null,
  readC: why,
  lateS: 0,
  peakC: why,
  peakU: why,
  atLeastC: why,
  belowC: why,
  ...part,
});

/** A stop read with a gun after a while, and by a ladder of which a mark changed. */
const byHand = {
  name: 'As bought',
  fronts: null,
  fluid: null,
  study: {
    stops: [
      {
        number: 1,
        discs: {
          FRONT_LEFT: {
            troughC: { value: 90 },
            peak: {
              peakC: { value: 243 },
              peakU: { value: 14 },
              source: 'BLACKENED',
              doubts: [],
              clues: [
                clue({ readC: { value: 190 }, lateS: 40, peakC: { value: 243 }, peakU: { value: 14 } }),
                clue({ source: 'LADDER', atLeastC: { value: 260 }, belowC: { value: 430 } }),
              ],
            },
          },
        },
      },
    ],
  },
  stops: [{ id: '1', number: 1, block: 1 }],
} as unknown as HeatSide;

describe('the sawtooth without sensors', () => {
  it('draws everything that was read, and what is believed stands in its table', () => {
    render(
      <Sawtooth
        drawn={[{ side: byHand, letter: 'B' }]}
        trace={undefined}
        limitC={null}
        gate={null}
        units={unitsOf('metric')}
      />,
    );
    const picture = screen.getByRole('img');
    expect(picture.getAttribute('aria-label')).toBe('B: peaks up to 430 °C over 1 stop');
    const titles = [...picture.querySelectorAll('title')].map((t) => t.textContent);
    expect(titles).toEqual(['stop 1, front left, blackened patch', 'stop 1, front left, ladder']);
    expect(within(screen.getByRole('table')).getByText('90 to 243')).toBeDefined();
  });
});

describe('what cooling fits leave over', () => {
  const left = [
    { ageS: 5, n: 2, medianC: 4.2, lowestC: 3, highestC: 5 },
    { ageS: 15, n: 2, medianC: -1.1, lowestC: -2, highestC: 0 },
  ];

  it('is a picture for each disc that was fitted, and none for the others', () => {
    const side = {
      configurationId: 'c',
      cooling: { FRONT_LEFT: { left }, REAR_LEFT: { left: [] } },
    } as unknown as HeatSide;
    render(<Residuals sides={[side]} units={unitsOf('imperial')} />);
    expect(screen.getAllByRole('img')).toHaveLength(1);
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
      'A front left: left over at most 7.6 °F in the median',
    );
  });
});
