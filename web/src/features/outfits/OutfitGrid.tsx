import { useState } from 'react';
import type { OutfitView, PieceView } from '../../api/client';
import { join } from '../../language/format';
import { Button } from '../../ui/Button';
import { Tick } from '../../ui/Tick';
import { OutfitCard } from './OutfitCard';
import { handOn, PrintedOutfits } from './PrintedOutfits';
import { benchAddress, worn } from '../desk';
import { say } from './messages';

interface Props {
  /** What the page is called that is printed or handed on. */
  title: string;
  /** What they are for. */
  context: string;
  outfits: OutfitView[];
  byId: Map<string, PieceView>;
}

const key = (outfit: OutfitView) => benchAddress(outfit, '');

/** Outfits side by side; some of them, or all, can be printed or handed on as a page. */
export function OutfitGrid({ title, context, outfits, byId }: Props) {
  const [picked, setPicked] = useState<ReadonlySet<string>>(new Set());
  const chosen = outfits.filter((outfit) => picked.has(key(outfit)));
  const n = chosen.length;
  const toggle = (outfit: OutfitView) =>
    setPicked((before) => {
      const next = new Set(before);
      if (!next.delete(key(outfit))) {
        next.add(key(outfit));
      }
      return next;
    });

  return (
    <>
      <PrintedOutfits title={title} context={context} outfits={n > 0 ? chosen : outfits} byId={byId} />
      {outfits.length > 0 && (
        <p className="mb-3 flex gap-5 print:hidden" aria-live="polite">
          <span className="text-soft">{say('chosen', { n })}</span>
          <Button look="link" onClick={() => window.print()}>
            {say('print', { n })}
          </Button>
          <Button look="link" onClick={() => handOn(title)}>
            {say('handOn', { n })}
          </Button>
          {n > 0 && (
            <Button look="link" onClick={() => setPicked(new Set())}>
              {say('clearChoice')}
            </Button>
          )}
        </p>
      )}
      <ol className="grid grid-cols-3 gap-3 max-[1100px]:grid-cols-2 print:hidden" data-testid="outfit-list">
        {outfits.map((outfit, i) => (
          <li key={i} className="relative grid">
            <OutfitCard outfit={outfit} byId={byId} />
            <span className="absolute right-0.5 bottom-0.5">
              <Tick
                bare
                label={say('choose', {
                  pieces: join(worn(outfit).map(([, id]) => byId.get(id)?.label ?? id)),
                })}
                checked={picked.has(key(outfit))}
                onChange={() => toggle(outfit)}
              />
            </span>
          </li>
        ))}
      </ol>
    </>
  );
}

/** The place of a grid that is being worked out. */
export function WaitingGrid() {
  return (
    <div className="grid animate-pulse grid-cols-3 gap-3" aria-hidden="true">
      {Array.from({ length: 9 }, (_, i) => (
        <span key={i} className="h-60 bg-hair" />
      ))}
    </div>
  );
}
