import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, NavLink, Outlet, useLocation, useMatch, useNavigate } from 'react-router';
import { test, tests } from '../api/queries';
import { Button } from '../ui/Button';
import { HeaderTape } from './HeaderTape';
import { OrProblem } from './OrProblem';
import { usePreferences } from '../reader/preferences';
import { KeySheet } from './KeySheet';
import { useShortcuts } from '../ui/shortcuts';

/** The header with the sections in the order of the work; those that are not built yet are not there. */
export function Shell() {
  const [keys, setKeys] = useState(false);
  const chosen = useMatch('/tests/:testId/*')?.params.testId;
  const all = useQuery(tests());
  const testId = chosen ?? all.data?.[0]?.test.id;
  const { pathname } = useLocation();
  useEffect(() => {
    window.scrollTo(0, 0);
  }, [pathname]);
  useSectionKeys(testId, () => setKeys(true));
  return (
    <>
      <a
        href="#main"
        className="sr-only focus:not-sr-only focus:absolute focus:z-10 focus:bg-ink focus:p-2 focus:text-on-ink"
      >
        Skip to the page
      </a>
      <header className="no-print flex min-h-[58px] flex-wrap items-stretch bg-sheet px-8 max-md:px-4">
        <Link
          to="/tests"
          className="flex items-center gap-2.5 text-[19px] font-[750]"
          aria-label="Frenum, all tests"
        >
          <svg width="24" height="24" aria-hidden>
            <path d="M2 3v6M8 3v6M14 3v18M20 3v6" stroke="var(--ink)" strokeWidth="3.2" fill="none" />
          </svg>
          Frenum
        </Link>
        {chosen && <Session testId={chosen} />}
        <Sections testId={testId} chosen={chosen} pathname={pathname} />
        <div className="ml-6 flex items-end gap-3.5 pb-2.5 max-md:hidden">
          <Switches onKeys={() => setKeys(true)} />
        </div>
      </header>
      <HeaderTape />
      <main id="main" className="overflow-x-clip">
        <OrProblem>
          <Outlet />
        </OrProblem>
      </main>
      <footer className="px-8 py-4 text-[13px] text-ink-3 max-md:px-4">
        <p className="no-print mb-3 flex gap-5 md:hidden">
          <Switches onKeys={() => setKeys(true)} />
        </p>
        Closed course only, never a public road. Frenum measures; it does not say that a car is safe or
        road-legal. That is for local codes, scrutineers and licensed workshops. Built with the work of
        others:{' '}
        <a className="underline" href="/notices.txt">
          pages
        </a>
        ,{' '}
        <a className="underline" href="/third-party.txt">
          server
        </a>
        .
      </footer>
      <KeySheet open={keys} onClose={() => setKeys(false)} />
    </>
  );
}

/** The keys that lead from anywhere to anywhere. */
function useSectionKeys(testId: string | undefined, onKeys: () => void) {
  const navigate = useNavigate();
  const preferences = usePreferences();
  const go = (where: string) => () => {
    if (testId) void navigate(`/tests/${testId}/${where}`);
  };
  useShortcuts({
    'g t': () => void navigate('/tests'),
    'g i': () => void navigate(testId ? `/import?test=${testId}` : '/import'),
    'g g': () => void navigate('/garage'),
    'g r': () => void navigate('/procedures'),
    'g p': testId ? go('plan') : () => void navigate('/plan'),
    'g d': () => void navigate('/devices'),
    'g u': go('run'),
    'g s': go('stops'),
    'g f': go('fade'),
    'g h': go('heat'),
    'g c': go('compare'),
    n: preferences.toggleNight,
    m: preferences.toggleSystem,
    p: () => window.print(),
    '?': onKeys,
  });
}

function Sections(props: { testId: string | undefined; chosen: string | undefined; pathname: string }) {
  const { testId, chosen, pathname } = props;
  return (
    <nav
      aria-label="Sections"
      className="ml-auto flex gap-3.5 max-md:ml-0 max-md:w-full max-md:gap-2 max-md:overflow-x-auto"
    >
      <Stage name="All">
        <Section to="/tests" name="Tests" end />
      </Stage>
      <Stage name="Set up">
        <Section to="/garage" name="Garage" />
        <Section to="/procedures" name="Procedures" />
        <Section
          to={testId && !pathname.startsWith('/plan') ? `/tests/${testId}/plan` : '/plan'}
          name="Plan"
        />
        <Section to="/devices" name="Devices" />
      </Stage>
      <Stage name="Test">
        {testId && <Section to={`/tests/${testId}/run`} name="Run" />}
        <Section to={chosen ? `/import?test=${chosen}` : '/import'} name="Bring in" />
      </Stage>
      {testId && (
        <>
          <Stage name="Read">
            <Section to={`/tests/${testId}/stops`} name="Stops" />
            <Section to={`/tests/${testId}/fade`} name="Fade" />
            <Section to={`/tests/${testId}/heat`} name="Heat" />
          </Stage>
          <Stage name="Decide">
            <Section to={`/tests/${testId}/compare`} name="Compare" />
          </Stage>
        </>
      )}
    </nav>
  );
}

/** Units, theme and keys; in the header, and on a phone at the foot. */
function Switches({ onKeys }: { onKeys: () => void }) {
  const preferences = usePreferences();
  return (
    <>
      <Button tone="link" onClick={preferences.toggleSystem}>
        {preferences.system === 'metric' ? 'Imperial' : 'Metric'}
      </Button>
      <Button tone="link" onClick={preferences.toggleNight}>
        {preferences.night ? 'Day' : 'Night'}
      </Button>
      <Button tone="link" onClick={onKeys}>
        Keys
      </Button>
    </>
  );
}

function Session({ testId }: { testId: string }) {
  const { data } = useQuery(test(testId));
  if (!data) return null;
  return (
    <div className="ml-6 flex flex-col justify-center border-l border-rule pl-4 text-[13px] leading-[1.3] max-md:hidden">
      <b className="font-[650]">{data.vehicle.name}</b>
      <span className="text-ink-3 [font-stretch:92%]">
        {data.test.lane} · {data.test.drivenOn}
      </span>
    </div>
  );
}

function Stage({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <div className="flex flex-col justify-end">
      <span className="mb-px pl-2.5 text-xs text-ink-3 [font-stretch:92%]">{name}</span>
      <div className="flex">{children}</div>
    </div>
  );
}

function Section({ to, name, end }: { to: string; name: string; end?: boolean }) {
  return (
    <NavLink
      to={to}
      end={end}
      className="relative px-2 pt-[3px] whitespace-nowrap pb-[9px] text-[15px] font-[550] text-ink-2 aria-[current=page]:bg-ink aria-[current=page]:font-[650] aria-[current=page]:text-on-ink aria-[current=page]:after:absolute aria-[current=page]:after:inset-x-0 aria-[current=page]:after:top-full aria-[current=page]:after:z-[2] aria-[current=page]:after:h-2.5 aria-[current=page]:after:bg-ink"
    >
      {name}
    </NavLink>
  );
}
