/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';

test('what went wrong is said in words that a teacher can act on', async () => {
  const { ApiError, Unreachable } = await import('../api/client.js');
  const { explain } = await import('./Failure.js');
  expect(explain(new ApiError(404, 'No such person', [], {}))).toMatch(/No such person: it may have been erased/);
  expect(explain(new ApiError(409, 'Changed meanwhile', [], {}))).toBe('Changed meanwhile');
  expect(explain(new Unreachable('fetch failed'))).toMatch(/can’t be reached.*kept on this device/);
  expect(explain(new TypeError('x is not a function'))).toMatch(/fault of the application.*kept on this device.*x is not a function/);
  expect(explain(new RangeError('No asana "x"'))).toBe('No asana "x"');
  expect(explain('out of room')).toBe('out of room');
});

test('it is announced, and can be tried again where that helps', async () => {
  const { Failure } = await import('./Failure.js');
  let tried = 0;
  const { rerender } = render(<Failure error={new Error('no')} onRetry={() => tried++} />);
  expect(screen.getByRole('alert').textContent).toContain('no');
  fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
  expect(tried).toBe(1);
  rerender(<Failure error={new Error('no')} />);
  expect(screen.queryByRole('button')).toBeNull();
});

test('a screen that stays empty keeps its title and heading, and asks again only for what may be there', async () => {
  const { ApiError } = await import('../api/client.js');
  const { ScreenFailure } = await import('./Failure.js');
  const { MemoryRouter } = await import('react-router');
  const failing = (error: Error) => (
    <MemoryRouter>
      <ScreenFailure title="People" error={error} onRetry={() => undefined} />
    </MemoryRouter>
  );
  const { rerender } = render(failing(new ApiError(503, 'The server is busy', [], {})));
  expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('People');
  expect(document.title).toBe('People · Lotus Steady');
  expect(screen.getByRole('button', { name: 'Try again' })).toBeTruthy();
  rerender(failing(new ApiError(404, 'No person 9', [], {})));
  expect(screen.queryByRole('button')).toBeNull();
  expect(screen.getByRole('link').getAttribute('href')).toBe('/');
});

test('an address that leads nowhere leads back to the desk; a screen that broke says why', async () => {
  const { createMemoryRouter, RouterProvider } = await import('react-router');
  const { RouteFailure } = await import('./Failure.js');
  const at = (element: React.ReactElement) =>
    render(<RouterProvider router={createMemoryRouter([{ path: '/', element, errorElement: <RouteFailure /> }])} />);
  const { unmount } = at(<RouteFailure />);
  expect(screen.getByRole('heading').textContent).toBe('There is nothing at this address');
  expect(screen.getByRole('link').getAttribute('href')).toBe('/');
  unmount();
  const broken = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const Broken = (): never => {
    throw new Error('the curve has no points');
  };
  at(<Broken />);
  expect(screen.getByRole('heading').textContent).toBe('This screen could not be opened');
  expect(document.body.textContent).toContain('the curve has no points');
  broken.mockRestore();
});
