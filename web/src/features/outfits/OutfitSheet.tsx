import { createPortal } from 'react-dom';
import { Link, useParams, useSearchParams } from 'react-router';
import { sentence } from '../../api/problem';
import { text, words } from '../../app/messages';
import { Drawing } from '../../ui/Drawing';
import { Mark } from '../../ui/Mark';
import { useChosen, useDesk } from '../workspace/context';
import { slotsOf } from './address';
import { useVerdict } from './queries';
import { Reasons } from './Reasons';

const clothes = [
  'base',
  'top',
  'bottom',
  'onepiece',
  'drape',
  'underskirt',
  'mid',
  'jacket',
  'coat',
  'legwear',
  'shoes',
];

/** One outfit: its pieces from the shoulder to the floor, the verdict, and every reason. */
export function OutfitSheet() {
  const { clientId = '' } = useParams();
  const [search] = useSearchParams();
  const [chosen] = useChosen();
  const { byId, readingSlot, pieces } = useDesk();
  const slots = slotsOf(search);
  const stamp = pieces.map((p) => `${p.id}:${p.version}`).join(' ');
  const verdict = useVerdict(clientId, chosen, slots, false, stamp);
  const judgement = verdict.data?.judgement;
  const back = new URLSearchParams(search);
  back.delete('wear');
  const places = Object.entries(slots).flatMap(([slot, ids]) => [ids].flat().map((id) => ({ slot, id })));
  const small = (slot: string) => !clothes.includes(slot);

  return (
    <div className="p-5">
      <Link to={`../outfits?${back}`} className="text-chalk">
        ← {text.sheet.back}
      </Link>
      {verdict.error && <p role="alert">{sentence(verdict.error)}</p>}
      <h1 className="mt-2 flex items-center gap-3 font-serif text-2xl font-semibold">
        {judgement && (
          <>
            <Mark kind={judgement.verdict ?? ''} size={20} />
            {text.sheet[judgement.verdict as 'works' | 'daring' | 'no']}
          </>
        )}
      </h1>
      <p className="mt-1 text-soft">{places.map(({ id }) => byId.get(id)?.label ?? id).join(', ')}</p>
      <ul className="mt-4 flex flex-wrap items-end justify-center gap-x-8 gap-y-6 bg-paper p-6">
        {places.map(({ slot, id }) => {
          const piece = byId.get(id);
          const finish = judgement?.finishes?.[id]?.map(words).join(', ');
          return (
            <li key={slot + id} className="w-36 text-center">
              {piece && (
                <Drawing
                  src={piece.flat ?? ''}
                  name={piece.label ?? ''}
                  className={`mx-auto ${small(slot) ? 'h-20 w-16' : 'h-44 w-36'}`}
                />
              )}
              <span className="mt-2 block text-xs text-soft">{words(slot)}</span>
              <span className="block leading-tight">{piece?.label ?? id}</span>
              <span className="block min-h-4 text-xs font-medium">{finish}</span>
            </li>
          );
        })}
      </ul>
      {judgement &&
        readingSlot &&
        createPortal(
          <>
            <h2 className="mb-2 font-serif text-[15px] font-semibold">{text.reading.why}</h2>
            <Reasons findings={judgement.findings ?? []} />
            <h2 className="mt-4 mb-1 font-serif text-[15px] font-semibold">{text.sheet.reads}</h2>
            <p className="text-soft">
              {text.sheet.formality} {judgement.measures?.formality} · {judgement.measures?.scheme}
            </p>
            <h2 className="mt-4 mb-1 font-serif text-[15px] font-semibold">{text.sheet.warm}</h2>
            <p className="text-soft">
              {text.sheet.from} {judgement.measures?.comfortLowC} °C, {text.sheet.peeled}{' '}
              {judgement.measures?.comfortHighC} °C ({judgement.measures?.clo} clo)
            </p>
          </>,
          readingSlot,
        )}
    </div>
  );
}
