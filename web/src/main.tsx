import '@fontsource-variable/figtree';
import '@fontsource/young-serif';
import './styles';
import './ui/global.css';
import { MantineProvider } from '@mantine/core';
import { Notifications } from '@mantine/notifications';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router/dom';
import { Problem } from './api/client';
import { router } from './router';
import { theme } from './ui/theme';

/** What was seen stays for a long day without network. */
const KEPT_MS = 24 * 60 * 60 * 1000;

const client = new QueryClient({
  defaultOptions: {
    queries: {
      refetchOnWindowFocus: false,
      gcTime: KEPT_MS,
      // What the studio has refused stays refused; only a lost connection is worth another try.
      retry: (failures, error) => !(error instanceof Problem) && failures < 2,
    },
    mutations: { networkMode: 'always' },
  },
});

/** A student's phone never loads the teacher's side. */
async function remembered() {
  if (window.location.pathname.startsWith('/p/')) return;
  const { forgetWhenSignedOut, restoreTeacher } = await import('./keep/teacher');
  await restoreTeacher(client);
  forgetWhenSignedOut(client);
}

await remembered().catch(() => undefined);
createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <MantineProvider theme={theme} defaultColorScheme="auto">
      <Notifications position="bottom-center" />
      <QueryClientProvider client={client}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </MantineProvider>
  </StrictMode>,
);
