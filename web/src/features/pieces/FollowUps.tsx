import { Link, useLocation } from 'react-router';
import { text, words } from '../../app/messages';
import { Button } from '../../ui/Button';
import { Drawing } from '../../ui/Drawing';
import { useDesk } from '../workspace/context';
import { money } from './money';

const lists = ['alter', 'repair', 'clean', 'store', 'part-with', 'undecided'] as const;

/** What follows from the decisions: a list for each, with where the piece is, when it is back, and what is noted. */
export function FollowUps({ decide }: { decide: () => void }) {
  const { pieces } = useDesk();
  const { search } = useLocation();
  const filled = lists
    .map((decision) => [decision, pieces.filter((piece) => piece.resolved.decision === decision)] as const)
    .filter(([, members]) => members.length > 0);
  return (
    <div className="h-full overflow-auto px-5 py-3" data-testid="follow-ups">
      {filled.length === 0 && <p className="text-soft">{text.decide.none}</p>}
      {filled.map(([decision, members]) => (
        <section key={decision} className="mb-5">
          <h2 className="flex items-baseline gap-3 border-b border-ink font-serif text-[15px] font-semibold">
            {words(decision)}
            <span className="font-sans text-xs font-normal text-soft">{members.length}</span>
            {decision === 'undecided' && (
              <Button look="link" className="font-sans text-[13px]" onClick={decide}>
                {text.decide.undecidedFirst}
              </Button>
            )}
          </h2>
          <ul>
            {members.map((piece) => (
              <li key={piece.id} className="flex items-center gap-3 border-b border-hair py-1">
                <Drawing svg={piece.flat} name="" className="h-8 w-7" />
                <Link to={`${piece.id}${search}`} className="w-64 truncate font-medium hover:text-chalk">
                  {piece.label}
                </Link>
                <span className="w-28 text-soft">{words(String(piece.resolved.whereabouts))}</span>
                <span className="w-36 text-soft">
                  {piece.resolved.dueBack ? `${text.decide.by} ${String(piece.resolved.dueBack)}` : ''}
                </span>
                <span className="w-20 text-right">{money(piece.resolved.cost)}</span>
                <span className="min-w-0 grow truncate text-soft">{String(piece.resolved.notes ?? '')}</span>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}
