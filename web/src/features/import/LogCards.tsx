import type { ImportPreview, Role } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { said } from '../../units/units';
import { Select } from '../../ui/Field';
import { Heading } from '../../ui/Layout';
import { Status } from '../../ui/Status';
import { Table, Td, Th } from '../../ui/Table';

type Log = NonNullable<ImportPreview['log']>;

const HARMLESS = new Set(['PRESSURE_OFFSET', 'ACCELEROMETER_OFFSET', 'DUPLICATE_ROWS']);

/** What a careful reader would notice in the log before believing it. */
export function HealthCard({ log }: { log: Log }) {
  const { units } = usePreferences();
  return (
    <div>
      <Heading
        note={`${log.rows.toLocaleString('en')} rows, ${Math.round(log.durationS)} s, ${Number(log.rateHz.toFixed(1))} Hz`}
      >
        Health of the log
      </Heading>
      {log.health.length === 0 ? (
        <Status kind="pass" word="Nothing is wrong with it" />
      ) : (
        <ul className="grid gap-1.5 text-sm">
          {log.health.map((h, i) => (
            <li key={i} className="flex gap-3">
              <Status
                kind={HARMLESS.has(h.code) ? 'pass' : 'caution'}
                word={HARMLESS.has(h.code) ? 'Mended' : 'Caution'}
              />
              <span>
                {h.channel && <b className="font-[600]">{h.channel} </b>}
                {said(h.finding, units)}
              </span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

const roleWord = (role: Role) => (role === 'EXTRA' ? 'only kept' : role.replaceAll('_', ' ').toLowerCase());

/** Which column means what; a correction is remembered for every file with this header. */
export function ChannelTable({ log, onRoles }: { log: Log; onRoles: (roles: Record<number, Role>) => void }) {
  const change = (index: number, role: Role) => {
    const roles: Record<number, Role> = {};
    log.columns.forEach((c) => {
      const taken = c.role === role && c.index !== index && role !== 'EXTRA';
      roles[c.index] = c.index === index ? role : taken ? 'EXTRA' : c.role;
    });
    onRoles(roles);
  };
  return (
    <details open={log.columns.every((c) => c.role === 'EXTRA')}>
      <summary className="cursor-pointer text-base font-[680]">
        Channels{' '}
        <small className="text-[13px] font-normal text-ink-3">
          {log.columns.filter((c) => c.role !== 'EXTRA').length} of {log.columns.length} recognised
          {log.rolesRemembered && ', as corrected before for this logger'}
        </small>
      </summary>
      <Table className="mt-2 max-w-2xl">
        <thead>
          <tr>
            <Th>column</Th>
            <Th>unit</Th>
            <Th>is taken for</Th>
          </tr>
        </thead>
        <tbody>
          {log.columns.map((c) => (
            <tr key={c.index}>
              <Td>{c.name}</Td>
              <Td>{c.unit}</Td>
              <Td>
                <Select
                  aria-label={`Role of ${c.name}`}
                  value={c.role}
                  onChange={(e) => change(c.index, e.target.value as Role)}
                >
                  {c.possible.map((r) => (
                    <option key={r} value={r}>
                      {roleWord(r)}
                    </option>
                  ))}
                </Select>
              </Td>
            </tr>
          ))}
        </tbody>
      </Table>
    </details>
  );
}
