import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, NavLink, Outlet, useLocation, useMatch, useNavigate, useSearchParams } from 'react-router';
import { test } from '../api/queries';
import type { TestDetail } from '../api/types';
import { Button } from '../ui/Button';
import { HeaderTape } from './HeaderTape';
import { OrProblem } from './OrProblem';
import { usePreferences } from '../reader/preferences';
import { KeySheet } from './KeySheet';
import { useShortcuts } from '../ui/shortcuts';
import { useTitle } from '../ui/useTitle';
import { PhoneBar } from './PhoneBar';
import { stagesOf, titleOf } from './sections';

/** The header with the sections in the order of the work, and the test that they are of. */
export function Shell() {
  const [keys, setKeys] = useState(false);
  const { pathname } = useLocation();
  const [query] = useSearchParams();
  const testId = useMatch('/tests/:testId/*')?.params.testId ?? query.get('test') ?? undefined;
  const chosen = useQuery({ ...test(testId ?? ''), enabled: testId !== undefined });
  useTitle(titleOf(pathname), testId && chosen.data?.test.question);
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
        <Sections testId={testId} />
        <div className="ml-6 flex items-end gap-3.5 pb-2.5 max-md:hidden">
          {!chosen.data && <Holder />}
          <Switches onKeys={() => setKeys(true)} />
        </div>
      </header>
      <HeaderTape />
      {testId && chosen.data && <Chosen detail={chosen.data} />}
      <main id="main" className="overflow-x-clip">
        <OrProblem>
          <Outlet />
        </OrProblem>
      </main>
      <footer className="px-8 py-4 text-[13px] text-ink-3 max-md:px-4 max-md:pb-24">
        Closed course only, never a public road. Frenum measures; it does not say that a vehicle is safe or
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
      <PhoneBar testId={testId}>
        <Holder />
        <Switches onKeys={() => setKeys(true)} />
      </PhoneBar>
      <KeySheet open={keys} onClose={() => setKeys(false)} />
    </>
  );
}

/** Which test this page is of; its own first heading is what it says of it. */
function Chosen({ detail }: { detail: TestDetail }) {
  return (
    <p className="no-print flex flex-wrap gap-x-3 bg-sheet px-8 pt-2 text-[13.5px] text-ink-2 max-md:px-4">
      <b className="font-[650] break-words text-ink">{detail.test.question}</b>
      <span className="text-ink-3">
        {[detail.vehicle.name, detail.test.lane, detail.test.drivenOn].filter(Boolean).join(' · ')}
      </span>
      <span className="ml-auto max-md:hidden">
        <Holder />
      </span>
    </p>
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
    'g y': () => void navigate(testId ? `/tests/${testId}/type` : '/type'),
    'g i': () => void navigate(testId ? `/import?test=${testId}` : '/import'),
    'g g': () => void navigate('/garage'),
    'g r': () => void navigate('/procedures'),
    'g p': testId ? go('plan') : () => void navigate('/plan'),
    'g d': () => void navigate('/devices'),
    'g u': go('run'),
    'g s': go('stops'),
    'g f': go('fade'),
    'g h': go('heat'),
    'g b': go('balance'),
    'g c': go('compare'),
    'g l': go('trials'),
    'g o': () => void navigate('/people'),
    n: preferences.toggleNight,
    m: preferences.toggleSystem,
    p: () => window.print(),
    '?': onKeys,
  });
}

function Sections({ testId }: { testId: string | undefined }) {
  return (
    <nav aria-label="Sections" className="ml-auto flex flex-wrap justify-end gap-x-3.5 max-md:hidden">
      {stagesOf(testId).map((stage) => (
        <Stage key={stage.name} name={stage.name}>
          {stage.sections.map((s) => (
            <Section key={s.name} {...s} />
          ))}
        </Stage>
      ))}
    </nav>
  );
}

/** Who holds this screen, and the way to whoever else may. */
function Holder() {
  const { person } = usePreferences();
  return (
    <Link to="/people" className="text-[13px] text-ink underline underline-offset-4">
      {person}
    </Link>
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
