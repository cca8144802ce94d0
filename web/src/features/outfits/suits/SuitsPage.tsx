import { type KeyboardEvent, useRef, useState } from 'react';
import { createPortal } from 'react-dom';
import { Link, useLocation, useParams, useSearchParams } from 'react-router';
import type { SuitCell } from '../../../api/client';
import { sentence } from '../../../api/problem';
import { join } from '../../../language/format';
import { common } from '../../../language/text';
import { Choice } from '../../../ui/Choice';
import { Drawing } from '../../../ui/Drawing';
import { Mark } from '../../../ui/Mark';
import { useChosen, useDesk, withSlots } from '../../desk';
import { say } from '../messages';
import { NextSuit } from './NextSuit';
import { useSuits } from '../queries';

type Picked = { jacket: string; bottom: string };

/** Opens the rule that decides when a suit may be broken. */
function ruleQuery(search: string) {
  const query = new URLSearchParams(search);
  query.set('rule', 'suit.separable');
  return query;
}

/** Every tailored jacket with every tailored bottom: which suits may be broken, and why not. */
export function SuitsPage() {
  const { clientId = '' } = useParams();
  const { search } = useLocation();
  const [chosen] = useChosen();
  const [params, setParams] = useSearchParams();
  const { byId, stamp, readingSlot } = useDesk();
  const suits = useSuits(clientId, chosen, stamp);
  const [picked, pick] = useState<Picked | null>(null);
  const table = useRef<HTMLTableElement>(null);
  if (suits.error) {
    return (
      <p role="alert" className="p-5">
        {sentence(suits.error)}
      </p>
    );
  }
  if (!suits.data) {
    return <div className="m-5 h-64 animate-pulse bg-hair" aria-hidden="true" />;
  }
  const { jackets, bottoms, waistcoats, cells, school, limits } = suits.data;
  const waistcoat = waistcoats.find((id) => id === params.get('third'));
  const label = (id: string) => byId.get(id)?.label ?? id;
  const cellOf = (jacket: string, bottom: string, over = waistcoat) =>
    cells.find(
      (cell) => cell.jacket === jacket && cell.bottom === bottom && (cell.waistcoat ?? undefined) === over,
    );
  const shown = cells.filter((cell) => (cell.waistcoat ?? undefined) === waistcoat);
  const broken = shown.filter((cell) => !cell.whole);
  const works = broken.filter((cell) => cell.verdict === 'works').length;
  const three = cells.filter((cell) => cell.waistcoat && cell.suits === 3 && cell.verdict === 'works');

  if (jackets.length === 0 || bottoms.length === 0) {
    return <p className="max-w-prose p-5 text-soft">{say('noSuits')}</p>;
  }

  function setWaistcoat(id: string) {
    const next = new URLSearchParams(params);
    if (id) {
      next.set('third', id);
    } else {
      next.delete('third');
    }
    setParams(next, { replace: true });
  }

  /** Arrow keys go from cell to cell. */
  function move(event: KeyboardEvent, row: number, column: number) {
    const step = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] }[event.key];
    if (step) {
      event.preventDefault();
      table.current
        ?.querySelector<HTMLButtonElement>(`[data-at="${row + step[0]!} ${column + step[1]!}"]`)
        ?.focus();
    }
  }

  return (
    <div className="p-5">
      <header className="mb-3 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1 className="font-serif text-xl font-semibold">{say('suits')}</h1>
        <p className="text-soft">
          <strong className="font-serif text-lg text-ink">{works}</strong>{' '}
          {say('brokenWays', { all: broken.length, school })}{' '}
          <Link to={`/clients/${clientId}/rules?${ruleQuery(search)}`} className="text-chalk underline">
            {say('changeSchool')}
          </Link>
        </p>
        {waistcoats.length > 0 && (
          <span className="ml-auto">
            <Choice
              label={say('chooseWaistcoat')}
              value={waistcoat ?? ''}
              options={[['', say('none')], ...waistcoats.map((id) => [id, label(id)] as const)]}
              onChange={setWaistcoat}
            />
          </span>
        )}
      </header>
      <div className="overflow-x-auto">
        <table ref={table} className="border-collapse text-[13px]" data-testid="suits">
          <caption className="sr-only">{say('suitsCaption')}</caption>
          <thead>
            <tr>
              <td className="w-44" />
              {bottoms.map((id) => (
                <th key={id} scope="col" className="w-28 min-w-[4.25rem] px-1 pb-1 align-bottom font-normal">
                  <Drawing src={byId.get(id)?.flat ?? ''} name="" className="mx-auto h-16 w-12" />
                  <span className="block leading-tight">{label(id)}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {jackets.map((jacket, row) => (
              <tr key={jacket}>
                <th scope="row" className="py-1 pr-2 text-left font-normal">
                  <span className="flex items-center gap-2">
                    <Drawing src={byId.get(jacket)?.flat ?? ''} name="" className="h-14 w-11 shrink-0" />
                    <span className="leading-tight">{label(jacket)}</span>
                  </span>
                </th>
                {bottoms.map((bottom, column) => {
                  const cell = cellOf(jacket, bottom);
                  const isPicked = picked?.jacket === jacket && picked.bottom === bottom;
                  return (
                    <td key={bottom} className="p-0.5">
                      {cell && (
                        <button
                          type="button"
                          data-at={`${row} ${column}`}
                          aria-pressed={isPicked}
                          aria-label={`${label(jacket)}, ${label(bottom)}: ${common.sheet[cell.verdict as 'works' | 'daring' | 'no']}`}
                          onClick={() => pick({ jacket, bottom })}
                          onKeyDown={(event) => move(event, row, column)}
                          className={`flex h-14 w-full flex-col items-center justify-center gap-0.5 border ${isPicked ? 'border-ink' : 'border-hair'} ${cell.whole ? 'bg-paper' : 'bg-sheet'} hover:border-ink`}
                        >
                          <Mark kind={cell.verdict} size={16} />
                          <span className="text-xs whitespace-nowrap text-soft">
                            {cell.whole
                              ? say('whole')
                              : [
                                  cell.separability !== undefined && say('apart10', { n: cell.separability }),
                                  say('contrast', { n: Math.round(cell.deltaE) }),
                                ]
                                  .filter(Boolean)
                                  .join(' · ')}
                          </span>
                        </button>
                      )}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-2 max-w-prose text-xs text-soft">
        {say('howToRead', { school, rises: String(school !== 'free'), ...limits })}
      </p>
      {waistcoats.length > 0 && (
        <section className="mt-5">
          <h2 className="font-serif text-[15px] font-semibold">{say('fromThree', { n: three.length })}</h2>
          <ul>
            {three.map((cell) => (
              <li key={`${cell.jacket} ${cell.waistcoat} ${cell.bottom}`}>
                <Link to={build(cell)} className="inline-block min-h-6 text-chalk">
                  {join([cell.jacket, cell.waistcoat, cell.bottom].map(label))}
                </Link>
              </li>
            ))}
          </ul>
        </section>
      )}
      <NextSuit />
      {picked &&
        readingSlot &&
        createPortal(
          <section aria-live="polite" data-testid="suit-reading">
            <h2 className="font-serif text-[15px] leading-tight font-semibold">
              {label(picked.jacket)} with {label(picked.bottom)}
            </h2>
            <ul className="mt-2 flex flex-col gap-2">
              {[undefined, ...waistcoats].map((over) => {
                const cell = cellOf(picked.jacket, picked.bottom, over);
                return (
                  cell && (
                    <li key={over ?? ''} className="flex gap-2">
                      <span className="pt-0.5">
                        <Mark kind={cell.verdict} />
                      </span>
                      <span>
                        {over && (
                          <strong className="block font-semibold">
                            {say('withWaistcoat', { piece: label(over) })}
                          </strong>
                        )}
                        {cell.reason ?? say('nothingAgainst')}{' '}
                        <Link to={build(cell)} className="block font-medium text-chalk">
                          {say('buildOn')}
                        </Link>
                      </span>
                    </li>
                  )
                );
              })}
            </ul>
          </section>,
          readingSlot,
        )}
    </div>
  );

  function build(cell: SuitCell) {
    const slots: Record<string, string> = { bottom: cell.bottom, jacket: cell.jacket };
    if (cell.waistcoat) {
      slots.mid = cell.waistcoat;
    }
    return `../outfits/bench?${withSlots(slots, search)}`;
  }
}
