import { Box } from '@mui/material';
import { lazy, Suspense } from 'react';
import { Route, Routes, useLocation } from 'react-router';
import { Caught } from './parts/Caught.tsx';
import { EmptyState, Loading } from './parts/Notice.tsx';
import { Shell } from './parts/Shell.tsx';
import { Desk } from './views/desk/Desk.tsx';

const Record = lazy(() => import('./views/record/Record.tsx'));
const ClientDefaults = lazy(() =>
  import('./views/record/Record.tsx').then(({ ClientDefaults: view }) => ({ default: view })),
);
const Check = lazy(() => import('./views/check/Check.tsx'));
const Pages = lazy(() => import('./views/pages/Pages.tsx'));
const Photos = lazy(() => import('./views/photos/Photos.tsx'));
const Trash = lazy(() => import('./views/trash/Trash.tsx'));

/** The views by their addresses. Every view but the desk belongs to a branch. */
export function App() {
  const { pathname } = useLocation();
  return (
    <Shell>
      <Caught place={pathname}>
        <Suspense fallback={<Loading />}>
          <Routes>
            <Route path="/" element={<Desk />} />
            <Route path="/trash" element={<Trash />} />
            <Route path="/clients/:clientId/defaults" element={<ClientDefaults />} />
            <Route path="/branches/:branchId/record" element={<Record />} />
            <Route path="/branches/:branchId/check" element={<Check />} />
            <Route path="/branches/:branchId/pages" element={<Pages />} />
            <Route path="/branches/:branchId/photos" element={<Photos />} />
            <Route
              path="*"
              element={
                <Box>
                  <EmptyState title="There is no such view.">
                    Go back to the desk with the sign at the top left, or press Ctrl+K and type the name of a
                    branch.
                  </EmptyState>
                </Box>
              }
            />
          </Routes>
        </Suspense>
      </Caught>
    </Shell>
  );
}
