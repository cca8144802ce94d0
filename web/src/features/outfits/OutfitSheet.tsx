import { useState } from 'react';
import { createPortal } from 'react-dom';
import { Link, useParams, useSearchParams } from 'react-router';
import { sentence } from '../../api/problem';
import { text, words } from '../../app/messages';
import { Button } from '../../ui/Button';
import { Drawing, DrawnHere } from '../../ui/Drawing';
import { Mark } from '../../ui/Mark';
import { useChosen, useDesk } from '../workspace/context';
import { useWear } from '../workspace/queries';
import { RulingMaker } from '../rules/RulingMaker';
import { slotsOf } from './address';
import { Changes } from './Changes';
import { say } from './messages';
import { useVerdict } from './queries';
import { Reasons } from './Reasons';

/** One outfit on the form beside its heights, the pieces and how each is worn, the verdict, and every reason. */
export function OutfitSheet() {
  const { clientId = '' } = useParams();
  const [search] = useSearchParams();
  const [chosen] = useChosen();
  const { byId, readingSlot, stamp } = useDesk();
  const wear = useWear(clientId);
  const [coatOn, setCoatOn] = useState(false);
  const slots = slotsOf(search);
  const verdict = useVerdict(clientId, chosen, slots, false, stamp);
  const judgement = verdict.data?.judgement;
  const drawing = verdict.data?.drawing;
  const back = new URLSearchParams(search);
  back.delete('wear');
  const places = Object.entries(slots).flatMap(([slot, ids]) => [ids].flat().map((id) => ({ slot, id })));

  return (
    <div className="flex h-full flex-col p-5">
      <Link to={`../outfits?${back}`} className="text-chalk">
        ← {text.sheet.back}
      </Link>
      {verdict.error && <p role="alert">{sentence(verdict.error)}</p>}
      <header className="mt-2 flex flex-wrap items-center gap-x-4">
        <h1 className="flex items-center gap-3 font-serif text-2xl font-semibold">
          {judgement && (
            <>
              <Mark kind={judgement.verdict} size={20} />
              {text.sheet[judgement.verdict as 'works' | 'daring' | 'no']}
            </>
          )}
        </h1>
        <Link to={`../outfits/changes?${search}`} className="font-medium text-chalk">
          {say('oneChange')}
        </Link>
        <Link to={`../outfits/paths?${search}`} className="font-medium text-chalk">
          {say('elsewhere')}
        </Link>
        <Button look="link" disabled={wear.isPending} onClick={() => wear.mutate(places.map(({ id }) => id))}>
          {text.worn.today}
        </Button>
        {judgement && judgement.verdict !== 'works' && (
          <RulingMaker pieces={places.map(({ id }) => id)} decision="approved" />
        )}
        <RulingMaker pieces={places.map(({ id }) => id)} decision="never" />
        {drawing?.withCoat && (
          <Button look="link" onClick={() => setCoatOn(!coatOn)}>
            {coatOn ? text.sheet.coatOff : text.sheet.coatOn}
          </Button>
        )}
      </header>
      <div className="mt-3 flex min-h-0 grow gap-4">
        <div className="flex h-[452px] shrink-0" data-testid="figure">
          <DrawnHere svg={drawing?.ruler ?? ''} name={text.sheet.heights} className="h-full w-[98px]" />
          <DrawnHere
            svg={(coatOn ? drawing?.withCoat : drawing?.figure) ?? ''}
            name={places.map(({ id }) => byId.get(id)?.label ?? id).join(', ')}
            className={`h-full ${drawing?.withCoat && !coatOn ? 'w-[404px]' : 'w-[239px]'}`}
          />
        </div>
        <ul className="flex min-w-0 grow flex-col gap-1 overflow-y-auto">
          {places.map(({ slot, id }) => {
            const piece = byId.get(id);
            const finish = judgement?.finishes?.[id]?.map(words).join(', ');
            return (
              <li key={slot + id} className="flex items-center gap-3 border-b border-hair py-1.5">
                <Drawing src={piece?.flat ?? ''} name="" className="h-11 w-9 shrink-0" />
                <span className="min-w-0">
                  <Link
                    to={`../pieces/${id}?${back}`}
                    className="block leading-tight font-medium hover:underline"
                  >
                    {piece?.label ?? id}
                  </Link>
                  <span className="text-xs text-soft">
                    {words(slot)}
                    {finish && <strong className="font-semibold text-ink"> · {finish}</strong>}
                  </span>
                </span>
              </li>
            );
          })}
        </ul>
      </div>
      {judgement &&
        readingSlot &&
        createPortal(
          <>
            <h2 className="mb-2 font-serif text-[15px] font-semibold">{text.reading.why}</h2>
            <Reasons findings={judgement.findings} />
            <Changes slots={slots} changes={verdict.data?.changes ?? []} />
            {judgement.notes.length > 0 && (
              <ul className="mt-4 flex flex-col gap-1.5" data-testid="notes">
                {judgement.notes.map((note) => (
                  <li
                    key={note.text}
                    className={note.safety ? 'border-l-2 border-no pl-2' : 'pl-2.5 text-soft'}
                  >
                    {note.safety && <strong className="block text-xs">{text.sheet.safety}</strong>}
                    {note.text}
                  </li>
                ))}
              </ul>
            )}
            <h2 className="mt-4 mb-1 font-serif text-[15px] font-semibold">{text.sheet.reads}</h2>
            <p className="text-soft">
              {text.sheet.formality} {judgement.measures.formality} · {judgement.measures.scheme}
            </p>
            <h2 className="mt-4 mb-1 font-serif text-[15px] font-semibold">{text.sheet.warm}</h2>
            <DrawnHere
              svg={drawing?.temperatures ?? ''}
              name={`${text.sheet.from} ${judgement.measures.comfortLowC} °C, ${text.sheet.peeled} ${judgement.measures.comfortHighC} °C`}
              className="w-full"
            />
            <p className="text-xs text-soft">
              {judgement.measures.clo} clo · {text.sheet.hatched}
            </p>
          </>,
          readingSlot,
        )}
    </div>
  );
}
