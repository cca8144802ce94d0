import { Link, useLocation, useParams } from 'react-router';
import { words } from '../../language/format';
import { text } from './text';
import { Mark } from '../../ui/Mark';
import { useDesk, withSlots } from '../desk';
import { say } from './messages';

interface Change {
  slot: string;
  piece: string;
  instead?: string | null;
  verdict: string;
}

/** What one piece more, or one in place of another, would make of an outfit; each opens it. */
export function Changes({ slots, changes }: { slots: Record<string, string | string[]>; changes: Change[] }) {
  const { clientId } = useParams();
  const { search } = useLocation();
  const { byId } = useDesk();
  if (changes.length === 0) {
    return null;
  }
  const label = (id: string) => byId.get(id)?.label ?? id;
  return (
    <section className="mt-4" data-testid="changes">
      <h2 className="mb-1 font-serif text-[15px] font-semibold">{text.changes.title}</h2>
      <ul className="flex flex-col gap-1.5">
        {changes.map((change) => (
          <li key={change.slot} className="flex gap-2">
            <span className="pt-0.5">
              <Mark kind={change.verdict} />
            </span>
            <Link
              to={`/clients/${clientId}/outfits/bench?${withSlots({ ...slots, [change.slot]: change.piece }, search)}`}
              className="text-chalk"
            >
              {change.instead
                ? say('inPlaceOf', { piece: label(change.piece), other: label(change.instead) })
                : say('added', { piece: label(change.piece), slot: words(change.slot) })}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
