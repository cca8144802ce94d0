import { ToggleGroup } from 'radix-ui';
import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import type { PieceView } from '../../../api/client';
import { join, words } from '../../../language/format';
import { common } from '../../../language/text';
import { text } from '../text';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Drawing } from '../../../ui/Drawing';
import { Mark } from '../../../ui/Mark';
import type { BenchSlot, Offer } from './bench';
import { say } from '../messages';

/** As many rows as a slot has while it is folded. */
const folded = 4;

interface Props {
  of: BenchSlot;
  byId: Map<string, PieceView>;
  worn: string[];
  /** Whether choosing here replaces pieces elsewhere that do not go with it. */
  replaces: boolean;
  /** The possible finishes of the piece worn here, and the current one. */
  ways: string[][];
  finish: string[];
  /** @param offer null to leave the slot empty */
  onChoose: (offer: Offer | null) => void;
  onFinish: (finish: string[]) => void;
}

const keyOf = (pieces: string[]) => pieces.join('+');

/** One slot of the bench: what still fits, best first, and what does not, with the reason. */
export function SlotOffers({ of, byId, worn, replaces, ways, finish, onChoose, onFinish }: Props) {
  const [isOpen, setOpen] = useState(false);
  const [toFocus, setToFocus] = useState<number | null>(null);
  const list = useRef<HTMLDivElement>(null);
  const chosen = keyOf([...worn].sort());
  const isWorn = (offer: Offer) => keyOf([...offer.pieces].sort()) === chosen;
  const shown = isOpen ? of.offers : of.offers.filter((offer, i) => i < folded || isWorn(offer));
  const hidden = of.offers.length - shown.length;
  const name = (pieces: string[]) => join(pieces.map((id) => byId.get(id)?.label ?? id));

  useEffect(() => {
    if (toFocus !== null) {
      list.current?.querySelectorAll('button')[toFocus]?.focus();
      setToFocus(null);
    }
  }, [toFocus]);

  function unfold(event: KeyboardEvent) {
    const items = [...(list.current?.querySelectorAll('button') ?? [])];
    const last = items.length - 1;
    if (hidden > 0 && (event.key === 'End' || (event.key === 'ArrowDown' && items[last] === event.target))) {
      event.preventDefault();
      setOpen(true);
      setToFocus(event.key === 'End' ? of.offers.length - 1 : last + 1);
    }
  }

  return (
    <section data-slot={of.slot} className="mb-3">
      <h2 className="flex min-h-6 items-baseline gap-1.5 border-b border-line text-xs text-soft">
        <span>{common.counts.slots[of.slot] ?? words(of.slot)}</span>
        {ways.length > 1 && (
          <Choice
            narrow
            label=""
            name={say('finish', { piece: name(worn) })}
            value={keyOf(finish)}
            options={ways.map((way) => [
              keyOf(way),
              way.length > 0 ? way.map(words).join(', ') : say('asItComes'),
            ])}
            onChange={(key) => onFinish(key === '' ? [] : key.split('+'))}
          />
        )}
        <span className="ml-auto">{say('fit', { n: of.fit })}</span>
      </h2>
      <ToggleGroup.Root
        ref={list}
        type="single"
        orientation="vertical"
        loop={false}
        aria-label={common.counts.slots[of.slot] ?? words(of.slot)}
        value={keyOf(of.offers.find(isWorn)?.pieces ?? [])}
        onValueChange={(key) => onChoose(of.offers.find((offer) => keyOf(offer.pieces) === key) ?? null)}
        onKeyDown={unfold}
        className="flex flex-col"
      >
        {shown.map((offer) => (
          <Row
            key={keyOf(offer.pieces)}
            offer={offer}
            replaces={replaces}
            name={name(offer.pieces)}
            flat={byId.get(offer.pieces[0]!)?.flat}
          />
        ))}
      </ToggleGroup.Root>
      {(hidden > 0 || isOpen) && of.offers.length > folded && (
        <Button
          look="link"
          tabIndex={-1}
          aria-expanded={isOpen}
          className="px-1 text-xs"
          onClick={() => setOpen(!isOpen)}
        >
          {isOpen ? say('fewer') : say('more', { n: hidden })}
        </Button>
      )}
    </section>
  );
}

function Row({
  offer,
  replaces,
  name,
  flat,
}: {
  offer: Offer;
  replaces: boolean;
  name: string;
  flat?: string;
}) {
  const fits = offer.verdict === 'works';
  const why = fits
    ? undefined
    : replaces && offer.verdict === 'no'
      ? say('instead')
      : (offer.reason ?? (offer.changes ? say('makesWay', { n: offer.changes }) : say('nowhere')));
  const speaks = fits && offer.speaks ? text.outfits.speaks[offer.speaks] : undefined;
  return (
    <ToggleGroup.Item
      value={keyOf(offer.pieces)}
      title={why ?? speaks}
      className={`group flex min-h-[26px] items-center gap-2 px-1 py-0.5 text-left hover:bg-paper data-[state=on]:font-semibold pointer-coarse:min-h-11 ${fits ? '' : 'text-soft'}`}
    >
      <Drawing
        src={flat ?? ''}
        name=""
        className={`h-[22px] w-[18px] shrink-0 ${fits ? '' : 'opacity-50'}`}
      />
      <span className="min-w-0 grow leading-tight">
        <span className="block truncate">{name}</span>
        {why && <span className="line-clamp-2 text-xs leading-tight">{why}</span>}
      </span>
      {!fits && <Mark kind={offer.verdict} />}
      {fits && (
        <span aria-hidden="true" className="hidden text-works group-data-[state=on]:inline">
          ✓
        </span>
      )}
    </ToggleGroup.Item>
  );
}
