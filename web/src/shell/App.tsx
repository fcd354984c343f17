import { lazy, Suspense } from 'react';
import { Navigate, Route, Routes } from 'react-router';
import { useSession } from '../api/session';
import { Failed, Loading } from '../parts/Waiting';
import { FirstScreen } from './FirstScreen';
import { JobFrame } from './JobFrame';
import { PartFrame } from './PartFrame';
import { Shell } from './Shell';
import { StoresFrame } from './StoresFrame';

const SignIn = lazy(() => import('./SignIn').then((m) => ({ default: m.SignIn })));
const Survey = lazy(() => import('../screens/survey/Survey').then((m) => ({ default: m.Survey })));
const Film = lazy(() => import('../screens/film/Film').then((m) => ({ default: m.Film })));
const RouteOfWork = lazy(() => import('../screens/route/RouteOfWork').then((m) => ({ default: m.RouteOfWork })));
const Masking = lazy(() => import('../screens/mask/Masking').then((m) => ({ default: m.Masking })));
const Mix = lazy(() => import('../screens/mix/Mix').then((m) => ({ default: m.Mix })));
const Windows = lazy(() => import('../screens/windows/Windows').then((m) => ({ default: m.Windows })));
const Record = lazy(() => import('../screens/record/Record').then((m) => ({ default: m.Record })));
const Board = lazy(() => import('../screens/board/Board').then((m) => ({ default: m.Board })));
const Yard = lazy(() => import('../screens/yard/Yard').then((m) => ({ default: m.Yard })));
const Quantities = lazy(() => import('../screens/quantities/Quantities').then((m) => ({ default: m.Quantities })));
const WorkCards = lazy(() => import('../screens/cards/WorkCards').then((m) => ({ default: m.WorkCards })));
const Register = lazy(() => import('../screens/register/Register').then((m) => ({ default: m.Register })));
const Labels = lazy(() => import('../screens/register/Labels').then((m) => ({ default: m.Labels })));
const FromLabel = lazy(() => import('../screens/register/FromLabel').then((m) => ({ default: m.FromLabel })));
const OverWhat = lazy(() => import('../screens/over/OverWhat').then((m) => ({ default: m.OverWhat })));
const Stores = lazy(() => import('../screens/stores/Stores').then((m) => ({ default: m.Stores })));
const Days = lazy(() => import('../screens/schedule/Days').then((m) => ({ default: m.Days })));
const Year = lazy(() => import('../screens/schedule/Year').then((m) => ({ default: m.Year })));
const Floor = lazy(() => import('../screens/floor/Floor').then((m) => ({ default: m.Floor })));
const Schedule = lazy(() => import('../screens/schedule/Schedule').then((m) => ({ default: m.Schedule })));
const Closed = lazy(() => import('../screens/closed/Closed').then((m) => ({ default: m.Closed })));
const Look = lazy(() => import('../screens/look/Look').then((m) => ({ default: m.Look })));

export function App() {
  const session = useSession();
  if (session.isPending) return <Loading />;
  if (session.isError) return <Failed error={session.error} />;
  const account = session.data.account;
  if (!account)
    return (
      <Suspense fallback={<Loading />}>
        <SignIn />
      </Suspense>
    );
  return (
    <Suspense fallback={<Loading />}>
      <Routes>
        <Route element={<Shell account={account} />}>
          <Route index element={<FirstScreen />} />
          <Route path="stores" element={<StoresFrame />}>
            <Route index element={<Stores />} />
            <Route path="over" element={<OverWhat />} />
          </Route>
          <Route path="schedule" element={<Schedule />} />
          <Route path="schedule/days" element={<Days />} />
          <Route path="schedule/floor" element={<Floor />} />
          <Route path="schedule/year" element={<Year />} />
          <Route path="yard" element={<Yard />} />
          <Route path="closed" element={<Closed />} />
          <Route path="job/:job" element={<JobFrame />}>
            <Route index element={<Board />} />
            <Route path="quantities" element={<Quantities />} />
            <Route path="register" element={<Register />} />
            <Route path="cards" element={<WorkCards />} />
          </Route>
          <Route path="job/:job/labels" element={<Labels />} />
          <Route path="tag/:code" element={<FromLabel />} />
          <Route path="look" element={<Look />} />
          <Route path="part/:part" element={<PartFrame />}>
            <Route index element={<Navigate to="route" replace />} />
            <Route path="survey" element={<Survey />} />
            <Route path="film" element={<Film />} />
            <Route path="route" element={<RouteOfWork />} />
            <Route path="mask" element={<Masking />} />
            <Route path="mix" element={<Mix />} />
            <Route path="windows" element={<Windows />} />
            <Route path="record" element={<Record />} />
          </Route>
          <Route path="*" element={<Navigate to="/" replace />} />
        </Route>
      </Routes>
    </Suspense>
  );
}
