import type { Procedure } from '../../api/types';
import { useSymbols } from '../../forms/useForms';
import { Heading } from '../../ui/Layout';
import { Status } from '../../ui/Status';
import { Table, Td, Th } from '../../ui/Table';
import { ABORT, cycleWords, gateWords, phaseWords, RUN_BY, SYSTEM, typed, WHOSE } from './words';

/** A procedure to read: phases, what ends it, what it needs. */
export function ProcedureReading({ procedure: p }: { procedure: Procedure }) {
  const symbol = useSymbols();
  return (
    <div className="grid gap-6">
      <p className="max-w-[70ch]">{p.purpose}</p>
      <div className="overflow-x-auto">
        <Table aria-label="Phases">
          <thead>
            <tr>
              <Th>phase</Th>
              <Th>what is driven</Th>
              <Th>gate</Th>
              <Th>brakes</Th>
              <Th>driven by</Th>
              <Th>locked wheel</Th>
            </tr>
          </thead>
          <tbody>
            {p.phases.map((x) => (
              <tr key={x.name + x.whose}>
                <Td className="font-[600] whitespace-nowrap">{x.name}</Td>
                <Td data-as-typed>{phaseWords(x, symbol)}</Td>
                <Td data-as-typed>{gateWords(x.gate, symbol) || 'open'}</Td>
                <Td>{SYSTEM[x.system]}</Td>
                <Td>{WHOSE[x.whose]}</Td>
                <Td>{x.lockForbidden ? 'do it again' : 'noted'}</Td>
              </tr>
            ))}
          </tbody>
        </Table>
        {p.cycle && <p className="mt-2 text-sm">{cycleWords(p)}</p>}
      </div>
      <div className="grid gap-8 md:grid-cols-2">
        <div>
          <Heading>Cautions</Heading>
          <ul className="grid gap-1.5 text-sm">
            {p.cautions.map((c) => (
              <li key={c} className="flex gap-3">
                <Status small kind="caution" word="Caution" />
                <span>{c}</span>
              </li>
            ))}
          </ul>
          <p className="mt-3 text-sm">Run by {RUN_BY[p.runBy]}.</p>
        </div>
        <div>
          <Heading>Testing ends at once when</Heading>
          <ul className="list-disc pl-5 text-sm">
            {p.abortRules.map((r) => (
              <li key={r}>{ABORT[r]}</li>
            ))}
          </ul>
        </div>
        <div>
          <Heading>Bring</Heading>
          <ul className="list-disc pl-5 text-sm">
            {p.bring.map((b) => (
              <li key={b}>{b}</li>
            ))}
          </ul>
        </div>
        <div>
          <Heading note="from the code that binds you; Frenum has none of its own">Acceptance limits</Heading>
          {p.limits.length === 0 ? (
            <p className="text-sm text-ink-3">None entered. Copy the procedure to enter yours.</p>
          ) : (
            <ul className="text-sm">
              {p.limits.map((l) => (
                <li key={l.what + l.source}>
                  {l.phase && `${l.phase}, `}
                  {l.what}: {l.atLeast ? 'at least' : 'at most'} {typed(l.value, symbol)} ({l.source})
                </li>
              ))}
            </ul>
          )}
        </div>
      </div>
    </div>
  );
}
