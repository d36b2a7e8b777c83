import { useQuery } from '@tanstack/react-query';
import { CircleHelp, Moon, Sun, UserRound } from 'lucide-react';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { Link, Navigate, NavLink, Outlet, useLocation } from 'react-router';
import { sessionQuery } from '../api/queries.js';
import { useStudioWords } from '../api/use-words.js';
import { useStudioClock } from '../clock.js';
import { useGivenAddress } from '../drafts/guest-ids.js';
import { Connection } from './Connection.js';
import { loadInterruptions } from './interruption-later.js';
import { SignInAgain } from './SignInAgain.js';
import { SignOut } from './SignOut.js';
import { useKeptFocus } from './use-kept-focus.js';
import { useLater } from './use-later.js';
import { currentTheme, setTheme } from '../theme/theme.js';
import { later, t } from '../words/t.js';

function ThemeButton() {
  const [theme, set] = useState(currentTheme);
  const other = theme === 'dark' ? 'light' : 'dark';
  const turn = () => {
    setTheme(other);
    set(other);
  };
  return (
    <button
      type="button"
      onClick={turn}
      className="rounded p-2 hover:bg-shade"
      aria-label={t('Use the {other} theme', { other })}
      title={t('Use the {other} theme', { other })}
    >
      {theme === 'dark' ? <Sun size={20} aria-hidden /> : <Moon size={20} aria-hidden />}
    </button>
  );
}

const loadFinding = () => import('./FindAnything.js');
const FindAnything = lazy(loadFinding);
const KeysDialog = lazy(() => import('./KeysDialog.js'));

const WRITES = 'input, textarea, select, [contenteditable]';

/** Ctrl K finds anything, a question mark shows the keys; the question mark that somebody writes is theirs. */
function EverywhereKeys() {
  const [open, setOpen] = useState<'find' | 'keys' | null>(null);
  // Whoever types on at once means the field that is still to come.
  const early = useRef('');
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const isWriting = event.target instanceof Element && event.target.matches(WRITES);
      const isCommand = event.ctrlKey || event.metaKey;
      if (isCommand && event.key.toLowerCase() === 'k') {
        early.current = '';
        setOpen('find');
      } else if (open === 'find' && !isWriting && !isCommand && !event.altKey && event.key.length === 1) early.current += event.key;
      else if (event.key === '?' && !isWriting && !document.querySelector('[role=dialog]')) setOpen('keys');
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [open]);
  const close = () => setOpen(null);
  const takeEarly = () => {
    const letters = early.current;
    early.current = '';
    return letters;
  };
  return (
    <Suspense>
      {open === 'find' && <FindAnything takeEarly={takeEarly} onClose={close} />}
      {open === 'keys' && <KeysDialog onClose={close} />}
    </Suspense>
  );
}

/** What the page itself needs comes first. */
const LATER_MS = 4000;

/** After a change of screen the keyboard goes on at its beginning, not where the link was. */
function useFocusOnArrival() {
  const { pathname } = useLocation();
  const main = useRef<HTMLElement>(null);
  const last = useRef(pathname);
  useEffect(() => {
    if (last.current === pathname) return;
    last.current = pathname;
    main.current?.focus({ preventScroll: true });
  }, [pathname]);
  return main;
}

const LINKS = [
  { to: '/', label: later('Desk') },
  { to: '/sequences', label: later('Sequences') },
  { to: '/people', label: later('People') },
  { to: '/asanas', label: later('Asanas') },
  { to: '/limits', label: later('Limits') },
];

/** The screen of an address; it opens anew where the server has given a guest in it another id, as after a reload. */
function Screen() {
  const { pathname, search } = useLocation();
  const address = `${pathname}${search}`;
  const given = useGivenAddress(address);
  return given === address ? <Outlet /> : <Navigate to={given} replace />;
}

/** The bar above every screen but teaching. */
export function AppFrame() {
  const session = useQuery(sessionQuery);
  useStudioWords();
  useStudioClock();
  useLater(loadInterruptions, LATER_MS);
  // There at once when it is asked for, so that no letter typed meanwhile is lost.
  useLater(loadFinding, LATER_MS);
  const main = useFocusOnArrival();
  useKeptFocus(main);
  return (
    <div className="flex min-h-dvh flex-col">
      <a href="#main" className="sr-only focus:not-sr-only focus:absolute focus:z-20 focus:bg-sheet focus:p-3">
        {t('Skip to the content')}
      </a>
      <header className="border-b border-rule bg-sheet print:hidden">
        <div className="mx-auto flex max-w-[100rem] items-center gap-x-1 px-2 py-1.5 sm:gap-x-4 sm:px-6">
          <Link to="/" className="hidden font-serif text-lg font-semibold no-underline sm:block">
            {t('Lotus Steady')}
          </Link>
          <nav aria-label={t('Main')} className="flex grow text-[0.9rem] sm:gap-1 sm:text-base">
            {LINKS.map(({ to, label }) => (
              <NavLink
                key={to}
                to={to}
                end={to === '/'}
                className={({ isActive }) => `rounded px-1 py-1.5 sm:px-3 ${isActive ? 'bg-shade font-semibold' : 'hover:bg-shade'}`}
              >
                {t(label)}
              </NavLink>
            ))}
          </nav>
          <Link to="/account" className="rounded px-1 py-1.5 text-sm hover:bg-shade" title={t('Account, studio and trail')}>
            <UserRound size={20} aria-hidden className="inline md:hidden" />
            <span className="sr-only md:not-sr-only">{session.data?.name ?? t('Account')}</span>
          </Link>
          <Link
            to="/help"
            className="max-sm:hidden rounded p-2 hover:bg-shade"
            aria-label={t('Help')}
            title={t('Help: how it goes, and the keys (?)')}
          >
            <CircleHelp size={20} aria-hidden />
          </Link>
          <ThemeButton />
          <SignOut />
        </div>
        {session.data?.demo && (
          <p className="bg-shade px-3 py-1 text-center text-sm">{t('Demo: everybody here is invented. Don’t enter real people.')}</p>
        )}
        <Connection />
      </header>
      <main ref={main} id="main" tabIndex={-1} className="mx-auto w-full max-w-[100rem] grow px-3 py-4 outline-none sm:px-6">
        <Screen />
      </main>
      <SignInAgain />
      <EverywhereKeys />
    </div>
  );
}
