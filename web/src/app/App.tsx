import { Navigate, Route, Routes } from 'react-router';
import { BalancePage } from '../features/balance/BalancePage';
import { ComparePage } from '../features/compare/ComparePage';
import { FadePage } from '../features/fade/FadePage';
import { GaragePage } from '../features/garage/GaragePage';
import { HeatPage } from '../features/heat/HeatPage';
import { HistoryPage } from '../features/history/HistoryPage';
import { ImportPage } from '../features/import/ImportPage';
import { DevicesPage } from '../features/devices/DevicesPage';
import { PeoplePage } from '../features/people/PeoplePage';
import { TrustPage } from '../features/people/TrustPage';
import { LapHeatPage } from '../features/plan/LapHeatPage';
import { NewPlanPage } from '../features/plan/NewPlanPage';
import { PlanPage } from '../features/plan/PlanPage';
import { ProceduresPage } from '../features/procedures/ProceduresPage';
import { DriverPage } from '../features/run/DriverPage';
import { RunPage } from '../features/run/RunPage';
import { StopsPage } from '../features/stops/StopsPage';
import { TrialsPage } from '../features/trials/TrialsPage';
import { TestsPage } from '../features/tests/TestsPage';
import { MoreStopsPage } from '../features/typed/MoreStopsPage';
import { TypePage } from '../features/typed/TypePage';
import { AsKnown } from './AsKnown';
import { Gate } from './Gate';
import { OrProblem } from './OrProblem';
import { Shell } from './Shell';

export function App() {
  return (
    <>
      <AsKnown />
      <Routes>
        <Route path="/trust" element={<TrustPage />} />
        <Route
          path="*"
          element={
            <Gate>
              <Inside />
            </Gate>
          }
        />
      </Routes>
    </>
  );
}

/** For whoever is signed in. */
function Inside() {
  return (
    <Routes>
      <Route
        path="/tests/:testId/run"
        element={
          <OrProblem>
            <RunPage />
          </OrProblem>
        }
      />
      <Route path="/tests/:testId/run/driver" element={<DriverPage />} />
      <Route element={<Shell />}>
        <Route path="/tests" element={<TestsPage />} />
        <Route path="/garage" element={<GaragePage />} />
        <Route path="/procedures" element={<ProceduresPage />} />
        <Route path="/plan" element={<NewPlanPage />} />
        <Route path="/plan/lap-heat" element={<LapHeatPage />} />
        <Route path="/devices" element={<DevicesPage />} />
        <Route path="/history" element={<HistoryPage />} />
        <Route path="/people" element={<PeoplePage />} />
        <Route path="/tests/:testId/plan" element={<PlanPage />} />
        <Route path="/import" element={<ImportPage />} />
        <Route path="/type" element={<TypePage />} />
        <Route path="/tests/:testId/type" element={<MoreStopsPage />} />
        <Route path="/tests/:testId/stops" element={<StopsPage />} />
        <Route path="/tests/:testId/fade" element={<FadePage />} />
        <Route path="/tests/:testId/heat" element={<HeatPage />} />
        <Route path="/tests/:testId/balance" element={<BalancePage />} />
        <Route path="/tests/:testId/trials" element={<TrialsPage />} />
        <Route path="/tests/:testId/compare" element={<ComparePage />} />
        <Route path="*" element={<Navigate to="/tests" replace />} />
      </Route>
    </Routes>
  );
}
