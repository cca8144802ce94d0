import { useParams } from 'react-router';
import { sentence } from '../../api/problem';
import { join } from '../../language/format';
import { common } from '../../language/text';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { useDesk } from '../desk';
import { say } from './messages';
import { useOverrides, useTakeBack } from './queries';

/** What was decided over the rules, each to be taken back. */
export function RulingsList() {
  const { clientId = '' } = useParams();
  const { byId } = useDesk();
  const rulings = useOverrides(clientId);
  const takeBack = useTakeBack(clientId);
  if (rulings.data?.length === 0) {
    return <p className="text-soft">{common.rulings.empty}</p>;
  }
  return (
    <>
      {takeBack.error && <p role="alert">{sentence(takeBack.error)}</p>}
      <ul data-testid="rulings">
        {rulings.data?.map((ruling) => (
          <li key={ruling.pieces.join(' ')} className="flex items-baseline gap-3 border-b border-hair py-2">
            <span className="translate-y-0.5">
              <Mark kind={ruling.decision === 'approved' ? 'works' : 'no'} />
            </span>
            <span className="grow">
              {common.rulings[ruling.decision as 'approved' | 'never'].decided}:{' '}
              {join(ruling.pieces.map((id) => byId.get(id)?.label ?? say('gone', { id })))}
              {(ruling.reason || ruling.by) && (
                <span className="block text-soft">
                  {[ruling.reason, ruling.by].filter(Boolean).join(' – ')}
                </span>
              )}
            </span>
            <Button look="link" onClick={() => takeBack.mutate(ruling)}>
              {common.rulings.takeBack}
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}
