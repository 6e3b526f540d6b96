import type { HeatSide } from '../../api/types';
import { Heading } from '../../ui/Layout';
import { Table, Td, Th } from '../../ui/Table';
import { figure, number, span, type UnitTable } from '../../units/units';
import { useDiscs } from '../../reader/discs';

export function StopTable({ side, letter, units }: { side: HeatSide; letter: string; units: UnitTable }) {
  const t = units.temperature;
  const named = useDiscs();
  return (
    <section className="overflow-x-auto">
      <Heading
        note={`start to peak, ${t.unit}; ± is twice the standard uncertainty; “by hand” is carried back to the peak`}
      >
        {letter}, stop by stop
      </Heading>
      <Table>
        <thead>
          <tr>
            <Th>stop</Th>
            <Th numeric>energy, kJ</Th>
            {named.map(([w, n]) => (
              <Th key={w} numeric>
                {n}
              </Th>
            ))}
          </tr>
        </thead>
        <tbody>
          {side.study.stops.map((s, i) => (
            <tr key={i}>
              <Td>{s.number}</Td>
              <Td numeric>{s.energyJ.value === undefined ? '–' : number(s.energyJ.value / 1000, 0)}</Td>
              {named.map(([w]) => {
                const d = s.discs[w];
                return (
                  <Td key={w} numeric>
                    {d ? (
                      <>
                        {figure(d.troughC, t)} to <b className="font-[650]">{figure(d.peak.peakC, t)}</b>
                        {d.peak.peakU.value !== undefined && (
                          <span className="text-ink-3">
                            {' '}
                            ± {number(2 * span(d.peak.peakU.value, t), 0)}
                            {d.peak.source !== 'SENSOR' && ' by hand'}
                          </span>
                        )}
                        {d.peak.doubts.length > 0 && <span className="text-caution"> see above</span>}
                      </>
                    ) : (
                      '–'
                    )}
                  </Td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </Table>
    </section>
  );
}
