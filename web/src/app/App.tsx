import { Navigate, Route, Routes } from 'react-router';
import { ComparePage } from '../features/compare/ComparePage';
import { ImportPage } from '../features/import/ImportPage';
import { StopsPage } from '../features/stops/StopsPage';
import { TestsPage } from '../features/tests/TestsPage';
import { Shell } from './Shell';

export function App() {
  return (
    <Routes>
      <Route element={<Shell />}>
        <Route path="/tests" element={<TestsPage />} />
        <Route path="/import" element={<ImportPage />} />
        <Route path="/tests/:testId/stops" element={<StopsPage />} />
        <Route path="/tests/:testId/compare" element={<ComparePage />} />
        <Route path="*" element={<Navigate to="/tests" replace />} />
      </Route>
    </Routes>
  );
}
