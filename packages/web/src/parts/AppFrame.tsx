import { useQuery } from '@tanstack/react-query';
import { LogOut, Moon, Sun } from 'lucide-react';
import { useState } from 'react';
import { Link, NavLink, Outlet } from 'react-router';
import { request } from '../api/client.js';
import { sessionQuery } from '../api/queries.js';
import { dropAllDrafts } from '../drafts/drafts.js';
import { core } from '../worker/core.js';
import { useStudioWords } from '../api/use-words.js';
import { useStudioClock } from '../clock.js';
import { currentTheme, setTheme } from '../theme/theme.js';

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
      aria-label={`Use the ${other} theme`}
      title={`Use the ${other} theme`}
    >
      {theme === 'dark' ? <Sun size={20} aria-hidden /> : <Moon size={20} aria-hidden />}
    </button>
  );
}

const LINKS = [
  { to: '/', label: 'Desk' },
  { to: '/sequences', label: 'Sequences' },
  { to: '/people', label: 'People' },
  { to: '/asanas', label: 'Asanas' },
  { to: '/limits', label: 'Limits' },
];

/** The bar above every screen but teaching. */
export function AppFrame() {
  const session = useQuery(sessionQuery);
  useStudioWords();
  useStudioClock();
  const signOut = async () => {
    await request('DELETE', 'session');
    dropAllDrafts();
    await core.forget();
    // A page that is loaded anew holds nothing of those whom it showed.
    window.location.assign('/sign-in');
  };
  return (
    <div className="flex min-h-dvh flex-col">
      <a href="#main" className="sr-only focus:not-sr-only focus:absolute focus:z-20 focus:bg-sheet focus:p-3">
        Skip to the content
      </a>
      <header className="border-b border-rule bg-sheet">
        <div className="mx-auto flex max-w-[100rem] items-center gap-x-1 px-2 py-1.5 sm:gap-x-4 sm:px-6">
          <Link to="/" className="hidden font-serif text-lg font-semibold no-underline sm:block">
            Lotus Steady
          </Link>
          <nav aria-label="Main" className="flex grow text-[0.9rem] sm:gap-1 sm:text-base">
            {LINKS.map(({ to, label }) => (
              <NavLink
                key={to}
                to={to}
                end={to === '/'}
                className={({ isActive }) => `rounded px-1 py-1.5 sm:px-3 ${isActive ? 'bg-shade font-semibold' : 'hover:bg-shade'}`}
              >
                {label}
              </NavLink>
            ))}
          </nav>
          <span className="hidden text-sm text-soft md:inline">{session.data?.name}</span>
          <ThemeButton />
          <button
            type="button"
            onClick={() => void signOut()}
            className="rounded p-2 hover:bg-shade"
            aria-label="Sign out"
            title="Sign out"
          >
            <LogOut size={20} aria-hidden />
          </button>
        </div>
      </header>
      <main id="main" className="mx-auto w-full max-w-[100rem] grow px-3 py-5 sm:px-6">
        <Outlet />
      </main>
    </div>
  );
}
