import '@fontsource/atkinson-hyperlegible-next/400.css';
import '@fontsource/atkinson-hyperlegible-next/600.css';
import '@fontsource/atkinson-hyperlegible-next/700.css';
import '@fontsource/atkinson-hyperlegible-mono/400.css';
import { CssBaseline, ThemeProvider } from '@mui/material';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { SnackbarProvider } from 'notistack';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { RequestFailed } from './api/request.ts';
import { App } from './App.tsx';
import { theme } from './theme.ts';

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 5000,
      // What is not there or not allowed will not be at the next try either.
      retry: (count, error) =>
        count < 3 &&
        !(error instanceof RequestFailed && error.problem.status >= 400 && error.problem.status < 500),
    },
  },
});

const place = document.getElementById('root');
if (!place) throw new Error('index.html has no #root');
createRoot(place).render(
  <StrictMode>
    <ThemeProvider theme={theme}>
      <CssBaseline />
      <QueryClientProvider client={queries}>
        <SnackbarProvider
          maxSnack={3}
          autoHideDuration={5000}
          anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
        >
          <BrowserRouter>
            <App />
          </BrowserRouter>
        </SnackbarProvider>
      </QueryClientProvider>
    </ThemeProvider>
  </StrictMode>,
);
