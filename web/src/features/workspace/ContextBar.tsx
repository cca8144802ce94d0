import type { RefObject } from 'react';
import { Link, useLocation } from 'react-router';
import type { ClientView, ForecastDay, PieceView } from '../../api/client';
import { common } from '../../language/text';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { isDay, seasonOptions, seasonWords, useChosen } from '../desk';
import { CountingChoice } from './CountingChoice';
import { say } from './messages';

interface Props {
  client?: ClientView;
  days: ForecastDay[];
  pieces: PieceView[];
  capsules: { id: string; name: string }[];
  find: string;
  finder: RefObject<HTMLInputElement | null>;
  onFind: (sought: string) => void;
  /** The panel of figures, which folds where the window is narrow. */
  reading: { isOpen: boolean; total: string; toggle: () => void };
}

/** The head of the workspace: whose it is, the context of every figure, and the search for a piece. */
export function ContextBar({ client, days, pieces, capsules, find, finder, onFind, reading }: Props) {
  const [chosen, change] = useChosen();
  const { search } = useLocation();
  return (
    <header className="col-span-3 flex min-h-11 flex-wrap items-center gap-x-6 gap-y-1 border-b py-1 border-line bg-sheet px-4 max-[1100px]:col-span-2 max-[1100px]:gap-x-4 print:hidden">
      <Button
        look="link"
        aria-expanded={reading.isOpen}
        className="order-last shrink-0 whitespace-nowrap min-[1101px]:hidden"
        onClick={reading.toggle}
      >
        {reading.isOpen ? common.reading.fold : say('openReading', { total: reading.total })}
      </Button>
      <Link to="/clients" className="w-32 shrink-0 truncate font-serif text-base font-semibold">
        {client?.name ?? '…'}
      </Link>
      <Choice
        label={common.context.season}
        value={chosen.season}
        shown={isDay(chosen.season) ? seasonWords(chosen.season) : undefined}
        options={seasonOptions(client, days)}
        onChange={(season) => change({ season })}
      />
      {client?.seasons.length === 0 && (
        <Link to={`/clients/${client.id}/brief${search}`} className="text-xs font-medium text-chalk">
          {common.counts.addClimate}
        </Link>
      )}
      <Choice
        narrow
        label={common.context.occasion}
        value={chosen.occasion}
        options={[
          ['', common.context.anyOccasion],
          ...(client?.occasions ?? []).map((o) => [o.name ?? '', o.name ?? ''] as const),
        ]}
        onChange={(occasion) => change({ occasion })}
      />
      {capsules.length > 0 && (
        <Choice
          narrow
          label={say('within')}
          value={capsules.some((one) => one.id === chosen.capsule) ? chosen.capsule : ''}
          options={[['', say('wholeWardrobe')], ...capsules.map((one) => [one.id, one.name] as const)]}
          onChange={(capsule) => change({ capsule })}
        />
      )}
      <CountingChoice value={chosen.counting} pieces={pieces} onChange={(counting) => change({ counting })} />
      <Choice
        label={common.context.verdict}
        value={chosen.daring ? 'yes' : ''}
        options={[
          ['', common.context.works],
          ['yes', common.context.daring],
        ]}
        onChange={(daring) => change({ daring })}
      />
      <Link to="/help" className="order-last text-chalk">
        {say('help')}
      </Link>
      <label className="ml-auto flex items-center border border-line bg-paper">
        <span className="sr-only">{common.context.find}</span>
        <input
          ref={finder}
          value={find}
          onChange={(event) => onFind(event.target.value)}
          placeholder={common.context.find}
          className="w-32 bg-transparent px-2 py-1 placeholder:text-soft"
        />
        <kbd className="mr-1 border border-line px-1 text-xs text-soft" aria-hidden="true">
          /
        </kbd>
      </label>
    </header>
  );
}
