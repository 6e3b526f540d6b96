import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { trust } from '../../api/queries';
import { Strip } from '../../ui/Layout';
import { Loaded } from '../../ui/Loaded';
import { useTitle } from '../../ui/useTitle';

/** How a phone comes to trust this Frenum, in pictures; for whoever is not in yet. */
export function TrustPage() {
  useTitle('Trust this Frenum');
  return (
    <main id="main">
      <Strip tone="sheet">
        <h1 className="text-[26px]">How a phone comes to trust this Frenum</h1>
        <p className="mt-1 max-w-[70ch] text-[14.5px] text-ink-2">
          Frenum made its own key on this machine, and nobody has vouched for it. Once, the phone is told that
          it is the right one. After that it installs, opens without a link, and says so when something else
          stands in Frenum’s place.
        </p>
      </Strip>
      <Loaded query={useQuery(trust())} what="Reading the certificate">
        {(t) =>
          t.fingerprint === null ? (
            <Strip>There is no encrypted way in: Frenum was not started with --tls.</Strip>
          ) : (
            <Strip className="grid gap-8 md:grid-cols-3">
              <Step n={1} title="Take the certificate" picture={<Take />}>
                On the phone, open{' '}
                <a className="underline" href="/frenum.crt">
                  frenum.crt
                </a>
                . It asks what the certificate is for: choose websites, or install it as an authority.
              </Step>
              <Step n={2} title="Compare the fingerprint" picture={<Compare />}>
                Before you accept it, compare what the phone shows with what the laptop showed when it was
                started, and shows on this same page. If one pair differs, stop: something else stands between
                them.
                <code className="mt-2 block text-[13px] leading-6">
                  {t.fingerprint.replaceAll(':', ':\u200b')}
                </code>
              </Step>
              <Step n={3} title="Open Frenum" picture={<Open />}>
                {t.addresses.map((a) => (
                  <a key={a} className="block underline" href={a}>
                    {a}
                  </a>
                ))}
                {t.named && (
                  <a className="block underline" href={t.named}>
                    {t.named}
                  </a>
                )}
                No warning comes any more. Add it to the start screen, and the run card opens without a link
                too.
              </Step>
            </Strip>
          )
        }
      </Loaded>
    </main>
  );
}

function Step(props: { n: number; title: string; picture: ReactNode; children: ReactNode }) {
  return (
    <section>
      <svg
        viewBox="0 0 160 120"
        className="mb-3 w-44"
        role="img"
        aria-label={`Step ${props.n}: ${props.title}`}
      >
        <g fill="none" stroke="var(--ink)" strokeWidth="2.5">
          <rect x="50" y="6" width="60" height="108" rx="8" fill="var(--sheet)" />
          <path d="M70 106h20" />
          {props.picture}
        </g>
      </svg>
      <h2 className="mb-1 text-base font-[680]">
        {props.n} {props.title}
      </h2>
      <div className="text-[14.5px] text-ink-2">{props.children}</div>
    </section>
  );
}

/** A sheet with a seal comes down into the phone. */
const Take = () => (
  <>
    <path d="M64 30h32v40h-32z M70 40h20 M70 48h20" />
    <circle cx="88" cy="62" r="6" />
    <path d="M80 78v16m-6-6 6 6 6-6" />
  </>
);

/** Two rows of marks, one on either side, alike. */
const Compare = () => (
  <>
    <path d="M60 40h6m4 0h6m4 0h6m4 0h6 M60 54h6m4 0h6m4 0h6m4 0h6" />
    <path d="M14 40h6m4 0h6 M14 54h6m4 0h6 M34 47h12" />
    <path d="m70 78 8 8 14-16" strokeWidth="4" />
  </>
);

/** A closed lock. */
const Open = () => (
  <>
    <rect x="64" y="52" width="32" height="26" rx="3" fill="var(--ink)" />
    <path d="M70 52v-8a10 10 0 0 1 20 0v8" />
  </>
);
