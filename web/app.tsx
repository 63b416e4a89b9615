import { lazy, Suspense, useEffect, useState } from 'react';
import { Navigate, Route, Routes } from 'react-router';
import { explainStoreError } from './store/explain.ts';
import { resumeReading } from './store/bring.ts';
import { seedDemo } from './store/seed.ts';
import { Home } from './screens/home.tsx';

const Details = lazy(() => import('./screens/details.tsx').then((m) => ({ default: m.DetailsScreen })));
const PaperScreen = lazy(() => import('./screens/paper.tsx').then((m) => ({ default: m.PaperScreen })));

const PagesScreen = lazy(() => import('./screens/pages.tsx').then((m) => ({ default: m.PagesScreen })));

export function App() {
  const [trouble, setTrouble] = useState<string | null>(null);
  const [ready, setReady] = useState(false);
  useEffect(() => { resumeReading().then(seedDemo).catch((e: unknown) => setTrouble(explainStoreError(e))).finally(() => setReady(true)); }, []);
  return (
    <div className="wrap">
      {trouble ? <div className="failure" role="alert" style={{ marginTop: 16 }}>{trouble}</div> : null}
      <Suspense fallback={<p className="soft" style={{ padding: 20 }}>Opening…</p>}>
        <Routes>
          <Route path="/" element={<Home ready={ready} />} />
          <Route path="/details" element={<Details />} />
          <Route path="/papers/:id" element={<Navigate to="read" replace />} />
          <Route path="/papers/:id/pages/:file" element={<PagesScreen />} />
          <Route path="/papers/:id/:stop" element={<PaperScreen />} />
          <Route path="*" element={<Navigate to="/" replace />} />
        </Routes>
      </Suspense>
    </div>
  );
}
