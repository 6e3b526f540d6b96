import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import { accounts, screens } from '../../api/queries';
import type { OpenScreen } from '../../api/types';
import { usePreferences } from '../../reader/preferences';
import { Failure, Heading } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { RowButton } from '../../ui/RowButton';
import { Table, Td, Th } from '../../ui/Table';
import { shortRole } from './roles';
import { clock } from '../../units/when';

/** Phones and laptops at which somebody is signed in. */
export function Screens({ governs }: { governs: boolean }) {
  const client = useQueryClient();
  const { person } = usePreferences();
  const cut = useMutation({
    mutationFn: (id: string) => ask(api.DELETE('/api/screens/{id}', { params: { path: { id } } })),
    onSettled: () => client.invalidateQueries({ queryKey: screens().queryKey }),
  });
  const known = useQuery(accounts()).data ?? [];
  const withRole = (name: string) => {
    const role = known.find((a) => a.name === name)?.role;
    return role ? `${name} (${shortRole(role)})` : name;
  };
  const may = (s: OpenScreen) => !s.own && (governs || (s.people.length === 1 && s.people[0] === person));
  return (
    <section>
      <Heading note="phones and laptops with somebody signed in">Screens</Heading>
      <Loaded query={useQuery(screens())} what="Reading the screens">
        {(all) => (
          <Table>
            <thead>
              <tr>
                <Th>screen</Th>
                <Th>people</Th>
                <Th>seen last</Th>
                <Th>
                  <span className="sr-only">cut off</span>
                </Th>
              </tr>
            </thead>
            <tbody>
              {all.map((s) => (
                <tr key={s.id}>
                  <Td className="font-[600]">{s.own ? `${s.name}, this one` : s.name}</Td>
                  <Td>{s.people.map(withRole).join(', ')}</Td>
                  <Td>{clock(s.lastSeenAt)}</Td>
                  <Td>
                    {may(s) && (
                      <RowButton
                        act="Cut off"
                        of={s.name}
                        disabled={cut.isPending}
                        onClick={() => cut.mutate(s.id)}
                      />
                    )}
                  </Td>
                </tr>
              ))}
            </tbody>
          </Table>
        )}
      </Loaded>
      {cut.error && <Failure error={cut.error} />}
    </section>
  );
}
