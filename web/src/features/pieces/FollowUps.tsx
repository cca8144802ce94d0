import { Link, useLocation } from 'react-router';
import type { PieceView } from '../../api/client';
import { sentence } from '../../api/problem';
import { day, words } from '../../language/format';
import { text } from './text';
import { Button } from '../../ui/Button';
import { Drawing } from '../../ui/Drawing';
import { useDesk } from '../desk';
import { Errand, type ErrandValue } from './fields/Errand';
import { money, sums } from './money';
import { useChange } from './queries';
import { say } from './messages';

const lists = ['alter', 'repair', 'clean', 'store', 'part-with', 'undecided'] as const;

function errandOf(piece: PieceView): ErrandValue {
  return ((piece.resolved as Record<string, unknown>).errand as ErrandValue | undefined) ?? {};
}

/** To-do lists that follow from the decisions: what, by whom, by when and at what cost. */
export function FollowUps({ clientId, decide }: { clientId: string; decide: () => void }) {
  const { pieces } = useDesk();
  const filled = lists
    .map((decision) => [decision, pieces.filter((piece) => piece.resolved.decision === decision)] as const)
    .filter(([, members]) => members.length > 0);
  return (
    <div className="h-full overflow-auto px-5 py-3" data-testid="follow-ups">
      {filled.length === 0 && <p className="text-soft">{text.decide.none}</p>}
      {filled.map(([decision, members]) => {
        const costs = sums(members.map((piece) => errandOf(piece).cost));
        return (
          <section key={decision} className="mb-6">
            <h2 className="flex items-baseline gap-3 border-b border-ink font-serif text-[15px] font-semibold">
              {words(decision)}
              <span className="font-sans text-xs font-normal text-soft">{members.length}</span>
              {decision === 'undecided' && (
                <Button look="link" className="font-sans text-[13px]" onClick={decide}>
                  {text.decide.undecidedFirst}
                </Button>
              )}
              {costs.length > 0 && (
                <span className="ml-auto font-sans text-[13px] font-normal">
                  {text.errand.total} <strong>{costs.map(money).join(' + ')}</strong>
                </span>
              )}
            </h2>
            <ul>
              {members.map((piece) => (
                <Follow key={piece.id} clientId={clientId} piece={piece} plain={decision === 'undecided'} />
              ))}
            </ul>
          </section>
        );
      })}
    </div>
  );
}

function Follow({ clientId, piece, plain }: { clientId: string; piece: PieceView; plain: boolean }) {
  const { search } = useLocation();
  const change = useChange(clientId);
  return (
    <li className="flex items-center gap-3 border-b border-hair py-1">
      <Drawing src={piece.flat} name="" className="h-9 w-8 shrink-0" />
      <span className="w-48 shrink-0">
        <Link to={`${piece.id}${search}`} className="block truncate font-medium hover:text-chalk">
          {piece.label}
        </Link>
        <span className="block truncate text-xs text-soft">
          {piece.resolved.dueBack
            ? say('dueBack', {
                where: words(String(piece.resolved.whereabouts)),
                date: day(String(piece.resolved.dueBack)),
              })
            : words(String(piece.resolved.whereabouts))}
        </span>
      </span>
      {!plain && (
        <div className="min-w-0 grow">
          <Errand
            id={`errand-${piece.id}`}
            value={errandOf(piece)}
            onChange={(errand) =>
              change.mutate({
                piece,
                set: Object.keys(errand).length > 0 ? { ...piece.set, errand } : without(piece.set, 'errand'),
              })
            }
          />
          {change.error && (
            <p role="alert" className="text-no">
              {sentence(change.error)}
            </p>
          )}
        </div>
      )}
    </li>
  );
}

function without(set: Record<string, unknown>, name: string): Record<string, unknown> {
  return Object.fromEntries(Object.entries(set).filter(([key]) => key !== name));
}
