import './theme.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import { BenchDoor, BenchPage, PracticeBench } from '../features/bench';
import {
  BookPage,
  ClientPage,
  clientsQuery,
  FilesPage,
  MessagesPage,
  OutsidePage,
  LearnedPage,
  PeoplePage,
} from '../features/book';
import { ChairDoor, ChairPage } from '../features/chair';
import { BuyPage, CountPage, MovesPage, ShelfPage } from '../features/shelf';
import {
  DrillPage,
  ExercisePage,
  KnotsPage,
  PracticePage,
  ProgressPage,
  TyingPage,
} from '../features/practice';
import { WordsPage } from '../glossary';
import { DoorGate, DoorPage } from '../features/door';
import { WordsGate } from '../words';
import { wordsQuery } from '../words/useWords';
import { ErrorBoundary } from './ErrorBoundary';
import { Frame } from './Frame';
import { keepPage } from './keepPage';

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
                  <Route path="/book/files" element={<FilesPage />} />
                  <Route path="/book/messages" element={<MessagesPage />} />
                  <Route path="/book/outside" element={<OutsidePage />} />
                  <Route path="/bench" element={<BenchDoor />} />
                  <Route path="/bench/:planId/:step?/:tab?" element={<BenchPage />} />
                  <Route path="/chair" element={<ChairDoor />} />
                  <Route path="/chair/:visitId" element={<ChairPage />} />
                  <Route path="/shelf" element={<ShelfPage />} />
                  <Route path="/shelf/buy" element={<BuyPage />} />
                  <Route path="/shelf/count" element={<CountPage />} />
                  <Route path="/shelf/moves" element={<MovesPage />} />
                  <Route path="/door" element={<DoorPage />} />
                  <Route path="/practice" element={<PracticePage />} />
                  <Route path="/practice/progress" element={<ProgressPage />} />
                  <Route path="/practice/tying/:knot?" element={<TyingPage />} />
                  <Route path="/practice/words" element={<WordsPage />} />
                  <Route path="/practice/knots" element={<KnotsPage />} />
                  <Route path="/practice/drill/:kind" element={<DrillPage />} />
                  <Route path="/practice/exercise/:id" element={<ExercisePage />} />
                  <Route path="/practice/:planId/:step?/:tab?" element={<PracticeBench />} />
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
