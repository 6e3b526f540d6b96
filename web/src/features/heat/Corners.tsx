import type { HeatSide, Summary } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Heading } from '../../ui/Layout';
import { Table, Td, Th } from '../../ui/Table';
import { figure, number, signed, span, type UnitTable } from '../../units/units';
import { useDiscs } from '../../reader/discs';

export function Corners({ sides, units }: { sides: HeatSide[]; units: UnitTable }) {
  const named = useDiscs();
  const t = units.temperature;
  const rise = (v: number | undefined) => (v === undefined ? '–' : number(span(v, t), 0));
  const inner = (s: Summary) =>
    s.mean.value === undefined ? '–' : `${signed(span(s.mean.value, t), 0)} (${s.n})`;
  return (
    <section className="overflow-x-auto">
      <Heading note="over all stops that count; ± is the 95 % range of the mean">Disc by disc</Heading>
      <Table>
        <thead>
          <tr>
            <Th>disc</Th>
            <Th numeric>stops</Th>
            <Th numeric>hottest, {t.unit}</Th>
            <Th numeric>mean rise, {t.unit}</Th>
            <Th numeric>predicted, {t.unit}</Th>
            <Th numeric>inner over outer face, {t.unit}</Th>
            <Th numeric>measured over predicted</Th>
          </tr>
        </thead>
        <tbody>
          {sides.flatMap((s, i) =>
            named.flatMap(([wheel, name]) => {
              const c = s.study.corners[wheel];
              return c
                ? [
                    <tr key={`${s.configurationId}${wheel}`}>
                      <Td>
                        <MarkLabel letter={letterOf(i)} /> {name}
                      </Td>
                      <Td numeric>{c.n}</Td>
                      <Td numeric className="font-[650]">
                        {figure(c.hottestC, t)}
                      </Td>
                      <Td numeric>
                        {rise(c.meanRiseC.value)}{' '}
                        {c.riseHalfC.value !== undefined && (
                          <span className="text-ink-3">± {number(span(c.riseHalfC.value, t), 1)}</span>
                        )}
                      </Td>
                      <Td numeric>{rise(c.predictedRiseC.value)}</Td>
                      <Td numeric>{inner(c.innerOverC)}</Td>
                      <Td numeric>
                        {c.ratio.value === undefined ? '–' : number(c.ratio.value, 2)}{' '}
                        {c.riseHalfC.value !== undefined && c.predictedRiseC.value !== undefined && (
                          <span className="text-ink-3">
                            ± {number(c.riseHalfC.value / c.predictedRiseC.value, 2)}
                          </span>
                        )}
                      </Td>
                    </tr>,
                  ]
                : [];
            }),
          )}
        </tbody>
      </Table>
    </section>
  );
}
