import { NavLink, Outlet, useLocation, useParams } from 'react-router';
import { listQuery } from '../desk';
import { say } from './messages';
import { useSavedOutfits } from './saved/saved';

/** The outfits of a client: every one of them, one being built, many ways to wear one piece, those that were saved. */
export function OutfitsLayout() {
  const { clientId = '' } = useParams();
  const { search } = useLocation();
  const saved = useSavedOutfits(clientId);
  const tabs = [
    ['', say('tabAll')],
    ['/bench', say('tabBench')],
    ['/ways', say('ways')],
    ['/saved', say('tabSaved', { n: saved.data?.length ?? 0 })],
    ['/worn', say('tabWorn')],
    ['/formulas', say('formulas')],
    ['/suits', say('tabSuits')],
  ] as const;
  const query = listQuery(search);
  return (
    <div className="flex h-full flex-col">
      <nav
        aria-label={say('tabs')}
        className="flex shrink-0 flex-wrap gap-x-5 border-b border-hair px-5 pt-2.5 print:hidden"
      >
        {tabs.map(([path, words]) => (
          <NavLink
            key={path}
            end={path === ''}
            to={`/clients/${clientId}/outfits${path}${query && `?${query}`}`}
            className={({ isActive }) =>
              `min-h-7 border-b-2 pointer-coarse:min-h-11 ${isActive ? 'border-ink font-semibold' : 'border-transparent text-soft hover:text-ink'}`
            }
          >
            {words}
          </NavLink>
        ))}
      </nav>
      <div className="min-h-0 grow">
        <Outlet />
      </div>
    </div>
  );
}
