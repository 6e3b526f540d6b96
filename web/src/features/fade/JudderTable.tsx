import { useQuery } from '@tanstack/react-query';
import { judder } from '../../api/queries';
import type { Figure, Judder } from '../../api/types';
import { letterOf } from '../../charts/letters';
import { MarkLabel } from '../../charts/Mark';
import { Heading } from '../../ui/Layout';
import { LetGo } from '../../ui/LetGo';
import { Loaded } from '../../ui/Loaded';
import { Table, Td, Th } from '../../ui/Table';
import { number, type UnitTable, said } from '../../units/units';

const ORDERS = [0, 1, 2, 3];

/** What of the deceleration goes round with the wheel, stop by stop, and whether it grows. */
export function JudderTable({ testId, units }: { testId: string; units: UnitTable }) {
  return (
    <section>
      <Heading note="deceleration by order of the wheel; 1 is once a turn; noise is what goes by half an order beside it">
        Judder
      </Heading>
      <Loaded query={useQuery(judder(testId))} what="Following the wheel round">
        {(data) =>
          data.tyreRadiusM.value === undefined ? (
            <p className="text-[14px] text-ink-3">
              Not computed: the tyre’s rolling radius is not known. Roll ten turns, measure, and enter it in
              the garage.
            </p>
          ) : data.sides.every((s) => s.stops.length === 0) ? (
            data.letGo ? (
              <LetGo of={data.letGo} units={units} />
            ) : (
              <p className="text-[14px] text-ink-3">
                Not computed: no stop was logged with speed and deceleration.
              </p>
            )
          ) : (
            <>
              <LetGo of={data.letGo} units={units} />
              <Orders data={data} units={units} />
            </>
          )
        }
      </Loaded>
    </section>
  );
}

function Orders({ data, units }: { data: Judder; units: UnitTable }) {
  const d = units.deceleration;
  const growing = data.sides.flatMap((s) => s.growing);
  return (
    <>
      <p className="mb-2 text-[14px]">
        {growing.length === 0
          ? 'No order grows from stop to stop beyond chance.'
          : growing.map((g) => said(g, units)).join(' ')}
      </p>
      <Table>
        <thead>
          <tr>
            <Th>configuration</Th>
            <Th numeric>stops</Th>
            {ORDERS.map((k) => (
              <Th numeric key={k}>
                order {k + 1}, first to last ± noise, {d.unit}
              </Th>
            ))}
          </tr>
        </thead>
        <tbody>
          {data.sides.map((s, i) => (
            <tr key={s.configurationId}>
              <Td>
                <MarkLabel letter={letterOf(i)} />
              </Td>
              <Td numeric>{s.stops.length}</Td>
              {ORDERS.map((k) => {
                const of = (at: number) => s.stops.at(at)?.judder.deceleration[k];
                return (
                  <Td numeric key={k}>
                    <FirstToLast
                      first={of(0)}
                      last={of(-1)}
                      noise={s.stops.at(-1)?.judder.noise[k]}
                      shown={(x) => number(d.of(x), 2)}
                    />
                  </Td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </Table>
    </>
  );
}

function FirstToLast(props: { first?: Figure; last?: Figure; noise?: Figure; shown: (x: number) => string }) {
  const { first, last, noise, shown } = props;
  if (first?.value === undefined || last?.value === undefined) {
    return <span className="text-ink-3">{first?.reason ?? last?.reason ?? '–'}</span>;
  }
  return (
    <>
      {shown(first.value)} to {shown(last.value)}
      {noise?.value !== undefined && <span className="text-ink-3"> ± {shown(noise.value)}</span>}
    </>
  );
}
