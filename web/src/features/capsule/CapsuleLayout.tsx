import { NavLink, Outlet, useLocation, useParams } from 'react-router';
import { useDesk } from '../desk';
import { say } from './messages';
import { useSavedCapsules } from './queries';

/** The capsules of a client: planned, saved, and sharing a core. */
export function CapsuleLayout() {
  const { clientId = '' } = useParams();
  const { search } = useLocation();
  const { pieces } = useDesk();
  const saved = useSavedCapsules(clientId);
  if (pieces.length === 0) {
    return <p className="p-8 text-soft">{say('noPieces')}</p>;
  }
  const tabs = [
    ['', say('tabPlan')],
    ['/saved', say('tabSaved', { n: saved.data?.length ?? 0 })],
    ['/shared', say('tabShared')],
  ] as const;
  return (
    <div className="@container max-w-5xl p-5">
      <div className="mb-2 flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <h1 className="font-serif text-xl font-semibold">{say('title')}</h1>
        <nav aria-label={say('tabs')} className="flex gap-4">
          {tabs.map(([path, words]) => (
            <NavLink
              key={path}
              end={path === ''}
              to={`/clients/${clientId}/capsule${path}${search}`}
              className={({ isActive }) =>
                `min-h-6 border-b-2 ${isActive ? 'border-ink font-semibold' : 'border-transparent text-soft hover:text-ink'}`
              }
            >
              {words}
            </NavLink>
          ))}
        </nav>
      </div>
      <Outlet />
    </div>
  );
}
