import { Link, useLocation, useParams } from 'react-router';
import { figure, text, words } from '../../app/messages';
import { Button } from '../../ui/Button';
import { Drawing } from '../../ui/Drawing';
import { useDesk } from '../workspace/context';
import { matches } from '../workspace/matches';
import { EntryLine } from './EntryLine';
import { money } from './money';
import { useDelete } from './queries';

/** The inventory: the entry line above, every piece beneath, newest first. */
export function PiecesStage() {
  const { clientId = '' } = useParams();
  const { search } = useLocation();
  const { pieces, live, find } = useDesk();
  const remove = useDelete(clientId);
  const listed = pieces.filter((piece) => find === '' || matches(piece, find)).reverse();

  return (
    <>
      <h1 className="sr-only">{text.pieces.title}</h1>
      <EntryLine clientId={clientId} />
      {pieces.length === 0 ? (
        <p className="px-5 py-8 text-soft">{text.pieces.empty}</p>
      ) : listed.length === 0 ? (
        <p className="px-5 py-8 text-soft">{text.pieces.noneFound}</p>
      ) : (
        <table className="w-full">
          <thead>
            <tr className="border-b border-line text-left text-xs text-soft">
              <th scope="col" className="py-1.5 pl-5 font-normal" colSpan={2}>
                {text.pieces.piece}
              </th>
              <th scope="col" className="font-normal">
                {text.pieces.cloth}
              </th>
              <th scope="col" className="font-normal">
                {text.pieces.fit}
              </th>
              <th scope="col" className="text-right font-normal">
                {text.pieces.formality}
              </th>
              <th scope="col" className="text-right font-normal">
                {text.pieces.cost}
              </th>
              <th scope="col" className="text-right font-normal">
                {text.pieces.outfits}
              </th>
              <th scope="col" className="pr-5">
                <span className="sr-only">{text.pieces.delete}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {listed.map((piece) => {
              const n = live.counts?.perPiece[piece.id ?? ''];
              return (
                <tr key={piece.id} className="border-b border-hair hover:bg-paper">
                  <td className="w-14 py-0.5 pl-5">
                    <Drawing svg={piece.flat ?? ''} name="" className="h-10 w-8" />
                  </td>
                  <td>
                    <Link to={`${piece.id}${search}`} className="font-medium hover:text-chalk">
                      {piece.label}
                    </Link>
                    <span className="block text-xs text-soft">{piece.kindName}</span>
                  </td>
                  <td>{words(String(piece.resolved?.cloth ?? ''))}</td>
                  <td>{String(piece.resolved?.fit ?? '')}</td>
                  <td className="text-right">{String(piece.resolved?.formality ?? '')}</td>
                  <td className="text-right">{money(piece.resolved?.cost)}</td>
                  <td className="text-right font-serif font-semibold">{n === undefined ? '·' : figure(n)}</td>
                  <td className="pr-5 text-right">
                    <Button
                      look="link"
                      aria-label={`${text.pieces.delete} ${piece.label}`}
                      onClick={() => remove.mutate(piece)}
                    >
                      {text.pieces.delete}
                    </Button>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </>
  );
}
