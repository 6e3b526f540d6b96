import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { accounts, session } from '../../api/queries';
import { usePreferences } from '../../reader/preferences';
import { Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { Accounts } from './Accounts';
import { Here } from './Here';
import { Invite } from './Invite';
import { Passkeys } from './Passkeys';
import { Samples } from './Samples';
import { Screens } from './Screens';
import { SigningKeys } from './SigningKeys';

/** Who may do what, and from which screens. */
export function PeoplePage() {
  const { person } = usePreferences();
  const all = useQuery(accounts()).data ?? [];
  return (
    <>
      <Strip tone="sheet">
        <h1 className="text-[26px]">People and screens</h1>
        <p className="mt-1 max-w-[80ch] text-[14.5px] text-ink-2">
          Whatever is judged, signed or changed carries the name of whoever holds the screen. A phone joins by
          a code, and is out within a second once it is cut off.{' '}
          <Link className="underline" to="/history">
            History of everything
          </Link>
        </p>
      </Strip>
      <Loaded query={useQuery(session())} what="Reading who is here">
        {(now) => {
          const holder = now.people.find((p) => p.name === person);
          const governs = holder?.role === 'OWNER';
          return (
            <Strip className="grid gap-10 lg:grid-cols-2">
              <Here now={now} />
              <Invite now={now} holder={holder} governs={governs} />
              <Screens governs={governs} />
              {holder && <Passkeys holder={holder} people={all} />}
              <Accounts holder={person} governs={governs} shortest={now.shortestPassword} />
              <Samples governs={governs} />
              <SigningKeys governs={governs} />
            </Strip>
          );
        }}
      </Loaded>
    </>
  );
}
