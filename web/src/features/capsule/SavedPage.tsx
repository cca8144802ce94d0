import { useState } from 'react';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import { Button } from '../../ui/Button';
import { Drawing } from '../../ui/Drawing';
import { Menu, MenuItem } from '../../ui/Menu';
import { Tick } from '../../ui/Tick';
import { useChosen, useDesk } from '../desk';
import { CompareCapsules } from './CompareCapsules';
import { Headline } from './Headline';
import { lockWords, say } from './messages';
import {
  useChangeCapsule,
  useDeleteCapsule,
  useFigures,
  useSavedCapsules,
  type SavedCapsule,
} from './queries';
import { NameDialog } from '../../ui/NameDialog';

/** The saved capsules of a client, and two of them side by side. */
export function SavedPage() {
  const { clientId = '' } = useParams();
  const saved = useSavedCapsules(clientId);
  const [ticked, setTicked] = useState<string[]>([]);
  if (saved.data?.length === 0) {
    return <p className="text-soft">{say('noneSaved')}</p>;
  }
  const compared = ticked
    .map((id) => saved.data?.find((one) => one.id === id))
    .filter((one) => one !== undefined);
  return (
    <div className="flex flex-col gap-6">
      <ul className="flex flex-col" data-testid="saved-capsules">
        {saved.data?.map((one) => (
          <Row
            key={one.id}
            capsule={one}
            ticked={ticked.includes(one.id)}
            onTick={(on) =>
              setTicked((before) =>
                on ? [...before.slice(-1), one.id] : before.filter((id) => id !== one.id),
              )
            }
          />
        ))}
      </ul>
      {(saved.data?.length ?? 0) > 1 && compared.length < 2 && (
        <p className="text-xs text-soft">{say('pickTwo')}</p>
      )}
      {compared.length === 2 && <CompareCapsules one={compared[0]!} other={compared[1]!} />}
    </div>
  );
}

interface RowProps {
  capsule: SavedCapsule;
  ticked: boolean;
  onTick: (on: boolean) => void;
}

function Row({ capsule, ticked, onTick }: RowProps) {
  const { clientId = '' } = useParams();
  const { byId, stamp } = useDesk();
  const { search } = useLocation();
  const navigate = useNavigate();
  const [chosen, choose] = useChosen();
  const change = useChangeCapsule(clientId);
  const remove = useDeleteCapsule(clientId);
  const [naming, setNaming] = useState(false);
  const there = capsule.pieces.filter((id) => byId.has(id));
  const figures = useFigures(clientId, there, capsule.wishes, stamp).data?.figures;
  const isWithin = chosen.capsule === capsule.id;
  const params = new URLSearchParams(search);
  params.set('open', capsule.id);
  const season = (capsule.wishes.seasons ?? []).join(', ');
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 gap-y-1 border-t border-line py-3">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <Link
          to={`/clients/${clientId}/capsule?${params}`}
          className="font-serif text-[17px] font-semibold underline-offset-2 hover:underline"
          aria-label={say('openNamed', { name: capsule.name })}
        >
          {capsule.name}
        </Link>
        {figures && (
          <span>
            <Headline ladder={figures.ladder} pieces={there.length} className="text-[17px]" />,{' '}
            {say('needsMet', { percent: Math.round(100 * figures.needsMetFraction) })}
          </span>
        )}
        {capsule.locked && (
          <span className="border border-ink px-1.5 text-xs">{lockWords(capsule.locked)}</span>
        )}
      </div>
      <div className="flex items-center gap-4">
        <Button look="link" onClick={() => choose({ capsule: isWithin ? '' : capsule.id })}>
          {say(isWithin ? 'withinNow' : 'within')}
        </Button>
        <Tick label={say('compare')} checked={ticked} onChange={onTick} />
        <Menu label={say('actions', { name: capsule.name })}>
          <MenuItem onSelect={() => void navigate(`/clients/${clientId}/capsule?${params}`)}>
            {say('open')}
          </MenuItem>
          <MenuItem onSelect={() => setNaming(true)}>{say('rename')}</MenuItem>
          <MenuItem
            onSelect={() => change.mutate({ id: capsule.id, locked: capsule.locked ? null : { season } })}
          >
            {capsule.locked ? say('unlock') : season ? say('lock', { season }) : say('lockPlain')}
          </MenuItem>
          {!capsule.locked &&
            [...capsule.earlier]
              .reverse()
              .slice(0, 8)
              .map((one) => (
                <MenuItem
                  key={one.version}
                  onSelect={() =>
                    change.mutate({
                      id: capsule.id,
                      version: capsule.version,
                      pieces: one.pieces.filter((id) => byId.has(id)),
                      wishes: one.wishes,
                    })
                  }
                >
                  {say('restore', { n: one.version })}
                </MenuItem>
              ))}
          {!capsule.locked && (
            <MenuItem onSelect={() => remove.mutate({ id: capsule.id, name: capsule.name })}>
              {say('delete')}
            </MenuItem>
          )}
        </Menu>
      </div>
      <div className="col-span-2 flex flex-wrap gap-1">
        {there.map((id) => (
          <Drawing
            key={id}
            src={byId.get(id)!.flat}
            name={byId.get(id)!.label}
            className="h-12 w-10 border border-hair"
          />
        ))}
      </div>
      <p className="col-span-2 text-xs text-soft">
        {[
          season,
          say('version', { n: capsule.version, date: new Date(capsule.saved) }),
          capsule.earlier.length > 0 && say('versions', { n: capsule.earlier.length }),
          capsule.gone.length > 0 && say('gone', { n: capsule.gone.length }),
          capsule.notes,
        ]
          .filter(Boolean)
          .join(' · ')}
      </p>
      <NameDialog
        title={say('saveOf', { name: capsule.name })}
        open={naming}
        name={capsule.name}
        notes={capsule.notes}
        onOpenChange={setNaming}
        onSave={(named) => change.mutate({ id: capsule.id, ...named }, { onSuccess: () => setNaming(false) })}
      />
    </li>
  );
}
