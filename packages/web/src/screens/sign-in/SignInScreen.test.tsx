/** @jest-environment jsdom */
import 'reflect-metadata';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor } from '@testing-library/react';

/** The server's answers by method and path. */
function serve(answers: Readonly<Record<string, { status?: number; body: unknown }>>) {
  const seen: { path: string; body: unknown }[] = [];
  globalThis.fetch = (async (path: string, init: { method: string; body?: string }) => {
    seen.push({ path, body: init.body === undefined ? undefined : JSON.parse(init.body) });
    const { status = 200, body } = answers[`${init.method} ${path}`]!;
    return { ok: status < 400, status, headers: { get: () => 'application/json' }, json: async () => body };
  }) as never;
  return seen;
}

async function open() {
  const { MemoryRouter, Route, Routes } = await import('react-router');
  const { SignInScreen } = await import('./SignInScreen.js');
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={['/sign-in']}>
        <Routes>
          <Route path="/sign-in" element={<SignInScreen />} />
          <Route path="/" element={<p>the desk</p>} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

test('the demo is entered by one click', async () => {
  serve({
    'GET /api/state': { body: { needsTeacher: false, demo: true, demoAddress: null } },
    'POST /api/session/demo': { body: { id: 1, name: 'Demo', demo: true } },
  });
  await open();
  // Nobody signs in here as themselves.
  await screen.findByRole('button', { name: 'Look round the demo hall' });
  expect(screen.queryByLabelText('Password')).toBeNull();
  fireEvent.click(await screen.findByRole('button', { name: 'Look round the demo hall' }));
  await screen.findByText('the desk');
});

test('an empty installation asks for the first account, and says what a password needs', async () => {
  const seen = serve({
    'GET /api/state': { body: { needsTeacher: true, demo: false, demoAddress: 'http://localhost:4281' } },
    'POST /api/teachers': { status: 201, body: { id: 1, name: 'Rue', demo: false } },
  });
  await open();
  expect((await screen.findByRole('link', { name: 'Look round the demo hall' })).getAttribute('href')).toBe(
    'http://localhost:4281/sign-in',
  );
  fireEvent.change(await screen.findByLabelText('Name'), { target: { value: 'Rue' } });
  fireEvent.change(screen.getByLabelText('Password'), { target: { value: 'short' } });
  fireEvent.click(screen.getByRole('button', { name: 'Make the account' }));
  await screen.findByText(/at least 10 characters/);
  expect(seen.filter(({ path }) => path === '/api/teachers')).toHaveLength(0);
  fireEvent.change(screen.getByLabelText('Password'), { target: { value: 'long enough for it' } });
  fireEvent.click(screen.getByRole('button', { name: 'Make the account' }));
  await screen.findByText('the desk');
});

test('a wrong password is said at the form', async () => {
  serve({
    'GET /api/state': { body: { needsTeacher: false, demo: false, demoAddress: null } },
    'POST /api/session': { status: 401, body: { message: 'Name or password is wrong' } },
  });
  await open();
  fireEvent.change(await screen.findByLabelText('Name'), { target: { value: 'Rue' } });
  fireEvent.change(screen.getByLabelText('Password'), { target: { value: 'whatever it was' } });
  fireEvent.click(screen.getByRole('button', { name: 'Sign in' }));
  await waitFor(() => expect(screen.getByRole('alert').textContent).toBe('Name or password is wrong'));
});
