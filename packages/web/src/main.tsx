import 'reflect-metadata';
import './styles.css';
import { MutationCache, QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { ApiError } from './api/client.js';
import { keyHash } from './api/key-hash.js';
import { noteAnswer, noteSilence } from './api/reach.js';
import { noteFailure } from './api/session-lost.js';
import { routes } from './routes.js';
import { startLook } from './theme/figure-look.js';
import { startTheme } from './theme/theme.js';
import { speakAs } from './words/languages.js';

startTheme();
startLook();

function note(error: unknown): void {
  noteFailure(error);
  noteSilence(error);
}

const queries = new QueryClient({
  queryCache: new QueryCache({ onError: note, onSuccess: (_data, query) => noteAnswer(query) }),
  mutationCache: new MutationCache({ onError: note }),
  defaultOptions: {
    // Much of what is asked is worked out on this device: without a network it is asked all the same.
    mutations: { networkMode: 'always' },
    queries: {
      networkMode: 'always',
      queryKeyHashFn: keyHash,
      staleTime: 10_000,
      // An answer of the server is final; only silence is asked again.
      retry: (count, error) => !(error instanceof ApiError) && count < 2,
    },
  },
});

const root = document.getElementById('root');
if (!root) throw new Error('index.html has no element #root');
const page = createRoot(root);
void speakAs(navigator.languages).then(() =>
  page.render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <RouterProvider router={routes(queries)} />
      </QueryClientProvider>
    </StrictMode>,
  ),
);
