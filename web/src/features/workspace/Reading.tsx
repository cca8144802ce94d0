import { Link, useLocation } from 'react-router';
import { Progress } from '../../ui/Progress';
import type { Exact, PieceView } from '../../api/client';
import { compareExact } from '../../language/exact';
import { figure, join } from '../../language/format';
import { common } from '../../language/text';
import { Button } from '../../ui/Button';
import { Delta } from '../../ui/Delta';
import { Explained } from '../../ui/Explained';
import { Spoken } from '../../ui/Spoken';
import { type Chosen, Ladder, type LiveCounts, NoCount, listQuery } from '../desk';
import { say } from './messages';
import { away, waiting } from './notHere';

interface Props {
  live: LiveCounts;
  chosen: Chosen;
  pieces: PieceView[];
  /** Of the wardrobe; another whenever a piece is. */
  stamp: string;
  onCounting: (counting: string) => void;
  slot: (element: HTMLElement | null) => void;
  /** Whether what the stage has to say comes before the figures. */
  stageFirst: boolean;
  /** Whether it is out where the window is too narrow for it to stand beside the stage. */
  open: boolean;
}

/** The live figures, then the stage's own reading; scrollable, so it can be focused. */
export function Reading({ live, chosen, pieces, stamp, onCounting, slot, stageFirst, open }: Props) {
  const counts = live.counts;
  const stillCounting = live.state === 'counting' || live.state === 'partial';
  return (
    <aside
      aria-label="Reading"
      tabIndex={0}
      className={`relative flex flex-col overflow-auto border-l border-line bg-paper p-4 text-[13px] print:hidden max-[1100px]:fixed max-[1100px]:top-11 max-[1100px]:right-0 max-[1100px]:bottom-[150px] max-[1100px]:z-20 max-[1100px]:w-[284px] max-[1100px]:shadow-md ${open ? '' : 'max-[1100px]:hidden'}`}
    >
      <Ladder chosen={chosen} stamp={stamp} onChoose={onCounting} />
      <div aria-live="polite" data-testid="live-count">
        {counts ? (
          <>
            <p
              className={`font-serif leading-none font-bold text-[15px] ${live.state === 'counting' ? 'text-soft' : ''}`}
            >
              <Figure of={counts.total} list={{}} />
            </p>
            <p className="mt-1.5 text-soft">
              {chosen.daring
                ? common.reading.daringIncluded
                : Number(counts.total) === 1
                  ? common.reading.outfit
                  : common.reading.outfits}
              {live.change !== undefined && <Delta change={live.change} />}
            </p>
            <p className="text-soft">
              <Spoken of={counts.paper} /> <Explained term="unchecked">{common.reading.onPaper}</Explained>
            </p>
            <p className="text-soft">
              <Figure of={counts.daring} list={{ verdict: 'daring' }} />{' '}
              <Explained term="bold">
                {chosen.daring ? common.reading.ofThemDaring : common.reading.moreIfDaring}
              </Explained>
            </p>
          </>
        ) : (
          <p className="font-serif text-[20px] leading-none font-bold text-soft">…</p>
        )}
        {counts && counts.missing.length > 0 && (
          <p className="mt-3 border-l-2 border-chalk pl-2">
            {say('missing', { what: join(counts.missing.map((slot) => say('need', { slot }))) })}
          </p>
        )}
      </div>
      {stillCounting && (
        <div className="mt-3 flex items-center gap-3">
          <Progress label={common.reading.counting} value={live.fraction} className="grow" />
          <Button look="link" onClick={live.stop}>
            {common.reading.cancel}
          </Button>
        </div>
      )}
      <NoCount live={live} />
      <div ref={slot} className={stageFirst ? 'order-first mb-6 empty:mb-0' : 'mt-5'} />
      {counts && Number(counts.total) > 0 && <Remarks counts={counts} pieces={pieces} />}
    </aside>
  );
}

/** A figure that opens the list behind it, if there is anything in it. */
function Figure({ of, list }: { of: Exact; list: Record<string, string> }) {
  const { search } = useLocation();
  return BigInt(of) === 0n ? (
    <>{figure(of)}</>
  ) : (
    <Link
      to={`outfits?${listQuery(search, list)}`}
      className="inline-block min-h-6 min-w-6 font-serif font-bold text-ink hover:text-chalk"
    >
      {figure(of)}
    </Link>
  );
}

function Remarks({ counts, pieces }: { counts: NonNullable<LiveCounts['counts']>; pieces: PieceView[] }) {
  const label = (id: string) => pieces.find((piece) => piece.id === id)?.label ?? id;
  const weakest = Object.entries(counts.perPiece)
    .filter(([, n]) => compareExact(n, 0) > 0)
    .sort((a, b) => compareExact(a[1], b[1]))[0];
  const elsewhere = away(pieces);
  const inWaiting = waiting(pieces);
  return (
    <>
      {(weakest || counts.orphans.length > 0) && (
        <section className="mt-5">
          <h2 className="font-serif text-[15px] font-semibold">
            <Explained term="weakest">{common.reading.weakest}</Explained>
          </h2>
          {counts.orphans.length > 0 && (
            <p className="text-soft">
              {say('noOutfit', { n: counts.orphans.length, names: join(counts.orphans.map(label)) })}
            </p>
          )}
          {weakest && (
            <p className="text-soft">
              {counts.orphans.length > 0
                ? say('others', { piece: label(weakest[0]) })
                : `${label(weakest[0])},`}{' '}
              <Figure of={weakest[1]} list={{ containing: weakest[0] }} />
            </p>
          )}
        </section>
      )}
      {elsewhere.length > 0 && (
        <p className="mt-4 text-soft" title={join(elsewhere.map((piece) => piece.label))}>
          <Explained term="away">{say('away', { n: elsewhere.length })}</Explained> {say('awayCounted')}
        </p>
      )}
      {inWaiting.length > 0 && (
        <p className="mt-2 text-soft" title={join(inWaiting.map((piece) => piece.label))}>
          {say('waiting', { n: inWaiting.length })}
        </p>
      )}
      <section className="mt-4">
        <h2 className="font-serif text-[15px] font-semibold">
          <Explained term="randomPicks">{common.reading.randomPicks}</Explained>
        </h2>
        <p className="text-soft">
          {say('dip')}{' '}
          <strong className="text-ink">
            {say('picksShare', { share: Math.round(counts.shareInTheDark * 100) })}
          </strong>{' '}
          {say('picksOf')} <Spoken of={counts.randomPicks.works} /> of <Spoken of={counts.randomPicks.all} />.
        </p>
      </section>
      {counts.perStructure.length > 1 && (
        <section className="mt-4">
          <h2 className="font-serif text-[15px] font-semibold">{common.reading.structures}</h2>
          <ul className="text-soft">
            {counts.perStructure.map((one) => (
              <li key={one.structure}>
                <Figure of={one.works} list={{ structure: one.structure, daring: '' }} />{' '}
                {common.counts.structures[one.structure] ?? one.structure}
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
