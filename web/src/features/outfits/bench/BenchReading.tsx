import type { OutfitVerdict } from '../../../api/client';
import { join } from '../../../language/format';
import { common } from '../../../language/text';
import { text } from '../text';
import { Button } from '../../../ui/Button';
import { DrawnHere } from '../../../ui/Drawing';
import { Mark } from '../../../ui/Mark';
import { useDesk } from '../../desk';
import type { Offer } from './bench';
import { Changes } from '../Changes';
import { say } from '../messages';
import type { Slots } from '../queries';
import { Reasons } from '../Reasons';

interface Props {
  verdict: OutfitVerdict;
  slots: Slots;
  oneMore: Offer[];
  occasion: string;
  isEmpty: boolean;
  onChoose: (offer: Offer) => void;
  onOccasion: (occasion: string) => void;
}

const heading = 'mt-4 mb-1 font-serif text-[15px] font-semibold';

/** Everything there is to say of the outfit on the bench, worst first. */
export function BenchReading({ verdict, slots, oneMore, occasion, isEmpty, onChoose, onOccasion }: Props) {
  const { byId } = useDesk();
  const { judgement, drawing, changes, day, occasions } = verdict;
  const label = (ids: string[]) => join(ids.map((id) => byId.get(id)?.label ?? id));
  if (isEmpty) {
    return <p className="text-soft">{say('howToBegin')}</p>;
  }
  return (
    <>
      <h2 className="mb-2 font-serif text-[15px] font-semibold">{common.reading.why}</h2>
      <Reasons findings={judgement.findings} />
      <Changes slots={slots} changes={changes} />
      {oneMore.length > 0 && (
        <section data-testid="one-more">
          <h2 className={heading}>{say('oneMore')}</h2>
          <ul className="flex flex-col gap-1">
            {oneMore.map((offer) => (
              <li key={offer.slot}>
                <Button look="link" className="text-left" onClick={() => onChoose(offer)}>
                  {label(offer.pieces)}
                </Button>
                {offer.speaks && text.outfits.speaks[offer.speaks] && (
                  <span className="text-soft">: {text.outfits.speaks[offer.speaks]}</span>
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
      {judgement.notes.length > 0 && (
        <ul className="mt-4 flex flex-col gap-1.5" data-testid="notes">
          {judgement.notes.map((note) => (
            <li key={note.text} className={note.safety ? 'border-l-2 border-no pl-2' : 'pl-2.5 text-soft'}>
              {note.safety && <strong className="block text-xs">{common.sheet.safety}</strong>}
              {note.text}
            </li>
          ))}
        </ul>
      )}
      <h2 className={heading}>{common.sheet.warm}</h2>
      <DrawnHere
        svg={drawing.temperatures}
        name={`${common.sheet.from} ${judgement.measures.comfortLowC} °C, ${common.sheet.peeled} ${judgement.measures.comfortHighC} °C`}
        className="w-full"
      />
      <p className="text-xs text-soft">
        {judgement.measures.clo} clo · {common.sheet.hatched}
      </p>
      <ul className="mt-1" data-testid="day">
        {day.map((felt) => (
          <li key={felt.moment} className="flex gap-2">
            <span className="pt-0.5">
              <Mark kind={felt.felt === 'comfortable' ? 'works' : 'daring'} />
            </span>
            <span>
              {say('felt', { moment: felt.moment.replace('-', ''), air: felt.airC, felt: felt.felt })}
              {felt.off.length > 0 && (
                <span className="text-soft"> {say('off', { pieces: label(felt.off) })}</span>
              )}
            </span>
          </li>
        ))}
      </ul>
      <h2 className={heading}>{common.sheet.reads}</h2>
      <p className="text-soft">
        {common.sheet.formality} {judgement.measures.formality} · {judgement.measures.scheme}
      </p>
      {occasions.length > 0 && (
        <section data-testid="goes-to">
          <h2 className={heading}>{say('goesTo')}</h2>
          <ul>
            {occasions.map((one) => (
              <li key={one.name} className="flex items-baseline gap-2">
                <Mark kind={one.verdict} />
                <span className="sr-only">{common.sheet[one.verdict as 'works' | 'daring' | 'no']}:</span>
                {one.name === occasion ? (
                  <strong className="font-semibold">{one.name}</strong>
                ) : (
                  <Button
                    look="link"
                    className="min-w-0 truncate font-normal"
                    onClick={() => onOccasion(one.name)}
                  >
                    {one.name}
                  </Button>
                )}
                <span className="ml-auto shrink-0 text-xs text-soft">
                  {say('window', { low: one.formalityLow, high: one.formalityHigh })}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
