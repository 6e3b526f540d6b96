import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { configurations, lanes, plan, procedures, test } from '../../api/queries';
import { letterOf } from '../../charts/letters';
import { Button } from '../../ui/Button';
import { EmptySlab, Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { Table, Td, Th } from '../../ui/Table';
import { labelOf } from '../garage/labels';
import { ABORT, gateWords, phaseWords, typed } from '../procedures/words';
import { hoursMinutes, stretches } from './clock';

const COLUMNS = ['entry', 'distance', 'time', 'FL', 'FR', 'pedal', 'counts, or why not'];
const SAFETY = [
  'Course closed, marshal named, gates manned',
  'Lane and run-off walked and clear',
  'Helmets on, loose things out of the car',
  'Extinguisher and first aid at the brake point',
  'Radios tried; words agreed: CLEAR, HOLD, STOP STOP STOP',
  'Everybody told: hot parts burn, cracked discs end the day',
  'Pedal firm, wheels tight, no leaks',
];

/** The plan on paper: usable with a pencil when all batteries are dead. */
export function RunCardPage() {
  const { testId = '' } = useParams();
  return (
    <Loaded query={useQuery(test(testId))} what="Reading the test">
      {(detail) => (
        <Card
          testId={testId}
          question={detail.test.question}
          vehicleId={detail.vehicle.id}
          vehicle={detail.vehicle.name}
        />
      )}
    </Loaded>
  );
}

function Card(props: { testId: string; question: string; vehicleId: string; vehicle: string }) {
  const stored = useQuery(plan(props.testId));
  const library = useQuery(procedures());
  const own = useQuery(configurations(props.vehicleId));
  const places = useQuery(lanes());
  return (
    <Loaded query={stored} what="Reading the plan">
      {({ plan: p, forecast: f }) => {
        const procedure = library.data?.find((x) => x.id === p?.procedureId)?.procedure;
        if (!p || !f || !procedure) {
          return (
            <Strip>
              <EmptySlab line="The run card is written from a saved plan." />
            </Strip>
          );
        }
        const lane = places.data?.find((l) => l.id === p.laneId)?.lane;
        const names = p.configurationIds.map((id) => {
          const c = own.data?.find((x) => x.id === id);
          return c ? labelOf(c) : '';
        });
        return (
          <Strip tone="sheet" className="grid gap-5 text-sm">
            <div className="flex items-start justify-between gap-4">
              <div>
                <h1 className="text-[22px]">{props.question}</h1>
                <p>
                  {props.vehicle}, {p.load.toLowerCase()}. {procedure.name} from {typed(p.speed)}.{' '}
                  {lane ? `${lane.lane}, controlled by ${lane.controlledBy}.` : 'No lane chosen.'} One run
                  takes {Math.round(f.laneTotalM)} m of lane and run-off. The day takes {hoursMinutes(f.endS)}
                  .
                </p>
              </div>
              <Button className="no-print" tone="main" onClick={() => window.print()}>
                Print
              </Button>
            </div>
            <div className="grid grid-cols-2 gap-6">
              <div>
                <h2 className="mb-1 font-[680]">Before the first run, each with initials</h2>
                <ul>
                  {SAFETY.map((s) => (
                    <li key={s} className="flex gap-2 border-b border-joint py-1">
                      <span className="inline-block size-4 flex-none border-[1.5px] border-edge" />
                      {s}
                    </li>
                  ))}
                </ul>
                <p className="mt-3">Signed: ______________________ at ______</p>
              </div>
              <div>
                <h2 className="mb-1 font-[680]">Testing ends at once when</h2>
                <ul className="list-disc pl-5">
                  {procedure.abortRules.map((r) => (
                    <li key={r}>{ABORT[r]}</li>
                  ))}
                </ul>
                <h2 className="mt-3 mb-1 font-[680]">Cautions</h2>
                <ul className="list-disc pl-5">
                  {procedure.cautions.map((c) => (
                    <li key={c}>{c}</li>
                  ))}
                </ul>
              </div>
            </div>
            {stretches(f.forecast.clock.items).map((s, i) => {
              const phase = procedure.phases.find((x) => x.name === s.phase);
              const letter = letterOf(s.configuration);
              const title = phase ? phase.name : s.kind === 'SWAP' ? 'change parts' : s.kind.toLowerCase();
              return (
                <section key={i} className="break-inside-avoid">
                  <h2 className="font-[680]">
                    {i + 1}. {letter} {names[s.configuration]}: {title}
                    <span className="ml-3 font-normal text-ink-3">
                      from {hoursMinutes(s.fromS)}, {hoursMinutes(s.toS - s.fromS)}
                    </span>
                  </h2>
                  {phase && phase.kind === 'SNUB' ? (
                    <p>
                      {phaseWords({ ...phase, repeats: s.runs })}. {gateWords(phase.gate) || 'No gate'}.
                      <span className="mt-1 flex flex-wrap gap-2" aria-hidden>
                        {Array.from({ length: s.runs }, (_, k) => (
                          <span key={k} className="inline-block size-5 border-[1.5px] border-edge" />
                        ))}
                      </span>
                    </p>
                  ) : phase && s.runs > 0 ? (
                    <>
                      <p className="text-ink-2">
                        {phaseWords({ ...phase, repeats: s.runs })}. {gateWords(phase.gate) || 'No gate'}.
                      </p>
                      <Table>
                        <thead>
                          <tr>
                            <Th>run</Th>
                            {COLUMNS.map((c) => (
                              <Th key={c}>{c}</Th>
                            ))}
                          </tr>
                        </thead>
                        <tbody>
                          {Array.from({ length: s.runs + Math.min(2, phase.mostExtra) }, (_, k) => (
                            <tr key={k}>
                              <Td className="w-14">{k < s.runs ? k + 1 : 'extra'}</Td>
                              {COLUMNS.map((c) => (
                                <Td key={c} className="border-l border-joint">
                                  {' '}
                                </Td>
                              ))}
                            </tr>
                          ))}
                        </tbody>
                      </Table>
                    </>
                  ) : (
                    <p className="border-b border-joint py-1 text-ink-2">
                      Done at ______ by ______________________
                    </p>
                  )}
                </section>
              );
            })}
          </Strip>
        );
      }}
    </Loaded>
  );
}
