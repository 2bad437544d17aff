import './theme.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import { BenchDoor, BenchPage } from '../features/bench';
import { BookPage, ClientPage, clientsQuery, LearnedPage, PeoplePage } from '../features/book';
import { ChairDoor, ChairPage } from '../features/chair';
import { BuyPage, CountPage, MovesPage, ShelfPage } from '../features/shelf';
import { DoorGate, DoorPage } from '../features/door';
import { WordsGate } from '../words';
import { wordsQuery } from '../words/useWords';
import { ErrorBoundary } from './ErrorBoundary';
import { Frame } from './Frame';
import { keepPage } from './keepPage';
import { LaterPlace } from './LaterPlace';

const queries = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } },
});

const root = document.getElementById('root');
if (!root) throw new Error('index.html has no #root');

keepPage();

// What the first place shows is asked for at once, and not only when it is known what everything is called.
void queries.prefetchQuery(wordsQuery());
if (window.location.pathname.startsWith('/book')) {
  void queries.prefetchInfiniteQuery(clientsQuery());
}

createRoot(root).render(
  <StrictMode>
    <ErrorBoundary>
      <QueryClientProvider client={queries}>
        <DoorGate>
          <WordsGate>
            <BrowserRouter>
              <Routes>
                <Route element={<Frame />}>
                  <Route path="/book" element={<BookPage />} />
                  <Route path="/book/clients/:clientId" element={<ClientPage />} />
                  <Route path="/book/people" element={<PeoplePage />} />
                  <Route path="/book/learned" element={<LearnedPage />} />
                  <Route path="/bench" element={<BenchDoor />} />
                  <Route path="/bench/:planId/:step?/:tab?" element={<BenchPage />} />
                  <Route path="/chair" element={<ChairDoor />} />
                  <Route path="/chair/:visitId" element={<ChairPage />} />
                  <Route path="/shelf" element={<ShelfPage />} />
                  <Route path="/shelf/buy" element={<BuyPage />} />
                  <Route path="/shelf/count" element={<CountPage />} />
                  <Route path="/shelf/moves" element={<MovesPage />} />
                  <Route path="/door" element={<DoorPage />} />
                  <Route
                    path="/practice"
                    element={
                      <LaterPlace
                        name="Practice"
                        words="Knots, the way the hook goes in, and an eye for how much is enough: one question at a time, answered by hand on the same map. It is not here yet; a plan on the bench is the best practice until then."
                        to="/book"
                        way="Back to the book"
                      />
                    }
                  />
                  <Route path="*" element={<Navigate to="/book" replace />} />
                </Route>
              </Routes>
            </BrowserRouter>
          </WordsGate>
        </DoorGate>
      </QueryClientProvider>
    </ErrorBoundary>
  </StrictMode>,
);
