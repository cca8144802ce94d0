import { useState } from 'react';
import { createPortal } from 'react-dom';
import { useParams } from 'react-router';
import type { Difference, Exact } from '../../api/client';
import { greatest, shareOf } from '../../language/exact';
import { join } from '../../language/format';
import { common } from '../../language/text';
import { text } from './text';
import { Delta } from '../../ui/Delta';
import { Drawing } from '../../ui/Drawing';
import { Spoken } from '../../ui/Spoken';
import { contextQuery, StreamState, useChosen, useDesk } from '../desk';
import { streamAddress } from '../../api/streams';
import { useStream, type Streamed } from '../../api/useStream';
import { Thoughts } from './Thoughts';
import { say } from './messages';
import { isNothing, nothing, toWhatIf, type Thought } from './thought';
import { ofClient, useRules } from '../rules';

/** What the count would be with the wardrobe, the rules or the context otherwise; nothing of it is saved. */
export function WhatIfPage() {
  const { clientId = '' } = useParams();
  const [chosen] = useChosen();
  const { stamp, readingSlot } = useDesk();
  const rules = useRules(clientId).data;
  const [thought, setThought] = useState<Thought>(nothing);
  const idle = isNothing(thought) || !rules;
  const compared =
    rules &&
    streamAddress('/api/v1/clients/{clientId}/counts/difference', {
      path: { clientId },
      query: {
        ...contextQuery(chosen),
        thenSeason: thought.season ?? chosen.season,
        thenOccasion: thought.occasion ?? chosen.occasion,
        thenDaring: thought.daring ?? chosen.daring,
        whatIf: JSON.stringify(toWhatIf(thought, ofClient(rules))),
      },
    });
  const streamed = useStream(idle || !compared ? null : compared, 'difference', stamp);
  const difference = streamed.events[streamed.events.length - 1];
  return (
    <div className="grid grid-cols-[300px_minmax(0,1fr)] gap-6">
      <Thoughts thought={thought} onChange={(change) => setThought({ ...thought, ...change })} />
      <div>
        {idle && <p className="max-w-prose text-soft">{text.whatIf.nothing}</p>}
        <StreamState of={streamed} words={difference ? text.whatIf.uncounted : common.counts.pending} />
        {difference && (
          <Changes difference={difference} counted={streamed.events[0]!.perPiece} thought={thought} />
        )}
      </div>
      {readingSlot && createPortal(<Outcome streamed={streamed} />, readingSlot)}
    </div>
  );
}

/** The figure first: what it would be, and how many more or fewer that is. */
function Outcome({ streamed }: { streamed: Streamed<Difference> }) {
  const { byId } = useDesk();
  const difference = streamed.events[streamed.events.length - 1];
  if (!difference) {
    return <p className="text-soft">{text.whatIf.why}</p>;
  }
  const label = (id: string) => byId.get(id)?.label ?? id;
  const { total, daring, paper } = difference;
  return (
    <section aria-live="polite" data-testid="what-if-outcome">
      <p className="font-serif text-[28px] leading-none font-bold">
        <Spoken of={total.after} />
      </p>
      <p className="mt-1 text-soft">
        {text.whatIf.would}
        <Delta change={total.change} />
      </p>
      <p className="text-soft">
        {text.whatIf.now} <Spoken of={total.before} /> · <Spoken of={daring.after} /> {text.whatIf.daring}
        <Delta change={daring.change} /> · <Spoken of={paper.after} /> {text.whatIf.onPaper}
        <Delta change={paper.change} />
      </p>
      {difference.missing.length > 0 && BigInt(total.after) === 0n && (
        <p className="mt-3 border-l-2 border-chalk pl-2">
          {text.whatIf.missing} {join(difference.missing)}.
        </p>
      )}
      {(['orphaned', 'relieved'] as const).map(
        (side) =>
          difference[side].length > 0 && (
            <section key={side} className="mt-4">
              <h2 className="font-serif text-[15px] font-semibold">{text.whatIf[side]}</h2>
              <p className="text-soft">{join(difference[side].map(label))}</p>
            </section>
          ),
      )}
    </section>
  );
}

interface ChangesProps {
  difference: Difference;
  /** The pieces that are counted among those whose figure changes. */
  counted: Difference['perPiece'];
  thought: Thought;
}

/** Every piece whose figure changes, the greatest change first: the counted ones, then those that only complete an outfit. */
function Changes({ difference, counted, thought }: ChangesProps) {
  const { byId } = useDesk();
  const size = (change: Exact) => {
    const exact = BigInt(change);
    return String(exact < 0n ? -exact : exact);
  };
  const most = greatest(difference.perPiece.map((one) => size(one.change)));
  const label = (id: string) =>
    byId.get(id)?.label ??
    (id.startsWith('line-') ? thought.lines[Number(id.slice('line-'.length))] : undefined) ??
    id;
  if (difference.perPiece.length === 0) {
    return <p className="text-soft">{text.whatIf.noChange}</p>;
  }
  const isCounted = new Set(counted.map((one) => one.id));
  /** A piece that is not included makes no new outfits: it is one more choice for those there are. */
  const counts = (one: { id: string }) => isCounted.has(one.id) || BigInt(difference.total.change) !== 0n;
  const fresh = difference.perPiece.filter(
    (one) => !counts(one) && BigInt(one.before) === 0n && BigInt(one.after) > 0n,
  );
  const groups = [
    { words: text.whatIf.pieces, pieces: difference.perPiece.filter((one) => isCounted.has(one.id)) },
    { words: text.whatIf.completing, pieces: difference.perPiece.filter((one) => !isCounted.has(one.id)) },
  ].filter((group) => group.pieces.length > 0);
  return (
    <>
      {fresh.map((one) => (
        <p key={one.id} className="border-l-2 border-chalk pl-2" data-testid="no-new-outfits">
          {say('noNewOutfits', { piece: label(one.id), n: one.after })}
        </p>
      ))}
      <table className="w-full" data-testid="what-if-pieces">
        {groups.map(({ words, pieces }) => (
          <tbody key={words}>
            <tr>
              <th colSpan={4} scope="rowgroup" className="pt-3 pb-2 text-left text-xs font-normal text-soft">
                {words}
              </th>
            </tr>
            {pieces.map((one) => (
              <tr key={one.id} className="border-t border-hair">
                <td className="w-9">
                  {byId.has(one.id) && <Drawing src={byId.get(one.id)!.flat} name="" className="h-7 w-6" />}
                </td>
                <th scope="row" className="pr-3 text-left font-normal">
                  {label(one.id)}
                </th>
                <td className="w-20">
                  <span
                    aria-hidden="true"
                    className={`block h-2.5 ${BigInt(one.change) > 0n ? 'bg-works' : 'bg-no'}`}
                    style={{ width: `${100 * shareOf(size(one.change), most)}%` }}
                  />
                </td>
                <td className="pl-3 text-right whitespace-nowrap">
                  {counts(one) ? <Delta change={one.change} /> : say('choiceFor', { n: one.after })}
                  <span className="block font-serif text-xs text-soft">
                    <Spoken of={one.before} /> → <Spoken of={one.after} />
                  </span>
                </td>
              </tr>
            ))}
          </tbody>
        ))}
      </table>
    </>
  );
}
