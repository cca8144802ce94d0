import { useParams, useSearchParams } from 'react-router';
import { common } from '../../language/text';
import { useDesk } from '../desk';
import { DecidePass } from './DecidePass';
import { EntryLine } from './EntryLine';
import { FilesPanel } from './FilesPanel';
import { FollowUps } from './FollowUps';
import { PastePanel } from './PastePanel';
import { PiecesTable } from './PiecesTable';

type View = keyof typeof common.pieces.views;

/** The inventory: the entry line above, and beneath it the pieces, the pass through the undecided ones, and files. */
export function PiecesPage() {
  const { clientId = '' } = useParams();
  const { pieces } = useDesk();
  const [search, setSearch] = useSearchParams();
  const view = (search.get('view') ?? 'table') as View;
  const show = (next: View) => {
    const params = new URLSearchParams(search);
    params.set('view', next);
    setSearch(params);
  };

  return (
    <div className="flex h-full flex-col">
      <h1 className="sr-only">{common.pieces.title}</h1>
      <EntryLine clientId={clientId} />
      <div role="group" aria-label="View" className="flex gap-4 border-b border-line px-5 text-[13px]">
        {(Object.keys(common.pieces.views) as View[]).map((key) => (
          <button
            key={key}
            type="button"
            aria-pressed={view === key}
            onClick={() => show(key)}
            className={`min-h-8 border-b-2 ${view === key ? 'border-ink' : 'border-transparent text-soft'}`}
          >
            {common.pieces.views[key]}
          </button>
        ))}
      </div>
      <div className="min-h-0 grow">
        {view === 'paste' ? (
          <PastePanel clientId={clientId} done={() => show('table')} />
        ) : view === 'csv' ? (
          <FilesPanel clientId={clientId} done={() => show('table')} />
        ) : pieces.length === 0 ? (
          <p className="px-5 py-8 text-soft">{common.pieces.empty}</p>
        ) : view === 'decide' ? (
          <DecidePass clientId={clientId} done={() => show('follow')} />
        ) : view === 'follow' ? (
          <FollowUps clientId={clientId} decide={() => show('decide')} />
        ) : (
          <PiecesTable clientId={clientId} />
        )}
      </div>
    </div>
  );
}
