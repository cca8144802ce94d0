import { Fragment, useState } from 'react';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import type { PieceView } from '../../api/client';
import { isProblem, sentence } from '../../api/problem';
import { day, words } from '../../language/format';
import { common } from '../../language/text';
import { Button } from '../../ui/Button';
import { Drawing } from '../../ui/Drawing';
import { PieceFigure, listQuery, ownSlot, useDesk, useVocabulary, withSlots } from '../desk';
import { RulingMaker } from '../rules';
import { AttributeField } from './fields/AttributeField';
import { ConflictDialog } from './ConflictDialog';
import { KindMaker } from './KindMaker';
import { RoleTrial } from './RoleTrial';
import { alwaysShown, groups } from './attributes';
import { usePiecesOf, useChange, useDelete, useStory, type AttributeSpec } from './queries';
import { Photos } from './Photos';
import { merged } from './merge';
import { say } from './messages';
import { SetPanel } from './SetPanel';
import { valueWords } from './valueWords';
import { WornPanel } from './WornPanel';
import { KindPicker } from './KindPicker';

/** One piece: its drawing and its attributes, each shown as derived or as set by hand; saved as it is changed. */
export function PiecePage() {
  const { ref = '' } = useParams();
  const { byId } = useDesk();
  const { search } = useLocation();
  const piece = byId.get(ref);
  // changing it resets the sheet, with nothing typed
  const [round, setRound] = useState(0);
  return (
    <div className="p-5">
      <Link to={`..${search}`} relative="path" className="text-chalk">
        ← {common.pieces.back}
      </Link>
      {piece ? (
        <Sheet key={`${piece.id} ${round}`} piece={piece} onDiscard={() => setRound(round + 1)} />
      ) : (
        <p className="mt-4">{common.pieces.gone}</p>
      )}
    </div>
  );
}

function Sheet({ piece, onDiscard }: { piece: PieceView; onDiscard: () => void }) {
  const { clientId = '' } = useParams();
  const { search } = useLocation();
  const navigate = useNavigate();
  const vocabulary = useVocabulary();
  const change = useChange(clientId);
  const remove = useDelete(clientId);
  const refresh = usePiecesOf(clientId);
  const [refused, setRefused] = useState<{ theirs: PieceView; mine: Record<string, unknown> } | null>(null);
  const [tried, setTried] = useState<string[] | null>(null);
  const set = piece.set as Record<string, unknown>;
  const resolved = piece.resolved as Record<string, unknown>;

  function save(next: Record<string, unknown>, version = piece.version) {
    if (refused && version === piece.version && next !== refused.mine) {
      // the field that is left for the question says again what the question is about
      return;
    }
    change.mutate(
      { piece: { ...piece, version }, set: next },
      {
        onError: async (error) => {
          if (isProblem(error) && error.status === 412) {
            const theirs = (await refresh()).find((one) => one.id === piece.id);
            if (theirs) {
              const { both, contested } = merged(set, next, theirs.set as Record<string, unknown>);
              if (contested.length > 0) {
                setRefused({ theirs, mine: both });
              } else {
                change.mutate({ piece: theirs, set: both });
              }
            }
          }
        },
      },
    );
  }
  const put = (name: string, value: unknown) =>
    name === 'roles' ? setTried(value as string[]) : save({ ...set, [name]: value });
  const reset = (name: string) =>
    save(Object.fromEntries(Object.entries(set).filter(([key]) => key !== name)));
  const specs = new Map(vocabulary.data?.attributes.map((spec) => [spec.name, spec as AttributeSpec]));
  const applies = (name: string) => name in resolved || alwaysShown.has(name);

  return (
    <div className="mt-3 grid grid-cols-[200px_minmax(0,1fr)] gap-8">
      <div>
        <Drawing src={piece.flat} name={piece.label} className="w-full bg-paper p-4" />
        <h1 className="mt-3 font-serif text-xl font-semibold">{piece.label}</h1>
        <p className="text-soft">
          {piece.kindName} · {piece.colourNames.join(', ')}
        </p>
        <p className="mt-1">
          <PieceFigure piece={piece} />
        </p>
        <p>
          <Link
            to={`/clients/${clientId}/outfits/ways?${listQuery(search, { hero: piece.id })}`}
            className="text-chalk"
          >
            {say('ways')}
          </Link>{' '}
          ·{' '}
          <Link
            to={`/clients/${clientId}/outfits/bench?${withSlots({ [ownSlot(piece)]: piece.id }, search)}`}
            className="text-chalk"
          >
            {say('build')}
          </Link>
        </p>
        <p aria-live="polite" className="mt-2 min-h-5 text-xs text-soft">
          {change.isPending ? common.pieces.saving : change.isSuccess ? common.pieces.allSaved : ''}
        </p>
        {change.error && !refused && (
          <p role="alert" className="text-no">
            {sentence(change.error)}
          </p>
        )}
        <Button
          className="mt-2"
          onClick={() =>
            remove.mutate(piece, { onSuccess: () => navigate(`/clients/${clientId}/pieces${search}`) })
          }
        >
          {common.pieces.delete}
        </Button>
        <Photos piece={piece} onColours={(colours) => put('colours', colours)} />
        <WornPanel piece={piece} />
        <div className="mt-2 flex gap-4">
          <RulingMaker pieces={[piece.id]} decision="approved" withAnyOf />
          <RulingMaker pieces={[piece.id]} decision="never" withAnyOf />
        </div>
        <SetPanel piece={piece} />
        <KindMaker piece={piece} />
        <Story piece={piece} />
      </div>
      <div className="flex flex-col gap-6">
        {vocabulary.data &&
          groups.map((group) => {
            const names = group.names.filter((name) => name === 'kind' || (specs.has(name) && applies(name)));
            return (
              names.length > 0 && (
                <section key={group.title}>
                  <h2 className="border-b border-ink font-serif text-[15px] font-semibold">{group.title}</h2>
                  <div className="mt-1 grid grid-cols-2 gap-x-8 gap-y-2">
                    {names.map((name) =>
                      name === 'kind' ? (
                        <div key={name}>
                          <span className="flex min-h-6 items-center text-xs text-soft">{words('kind')}</span>
                          <KindPicker
                            label={say('changeKind', { kind: piece.kindName })}
                            className="flex min-h-8 w-full items-center justify-between border-b border-line py-1 text-left"
                            onPick={(kind) => put('kind', kind.id)}
                          >
                            {piece.kindName} <span className="text-soft">▾</span>
                          </KindPicker>
                        </div>
                      ) : (
                        <Fragment key={name}>
                          <AttributeField
                            spec={specs.get(name)!}
                            vocabulary={vocabulary.data}
                            value={name === 'roles' && tried ? tried : resolved[name]}
                            isSet={name in set}
                            onChange={(value) => put(name, value)}
                            onReset={() => reset(name)}
                          />
                          {name === 'roles' && tried && (
                            <RoleTrial
                              piece={piece}
                              roles={tried}
                              onKeep={() => {
                                save({ ...set, roles: tried });
                                setTried(null);
                              }}
                              onLeave={() => setTried(null)}
                            />
                          )}
                        </Fragment>
                      ),
                    )}
                  </div>
                </section>
              )
            );
          })}
      </div>
      {refused && (
        <ConflictDialog
          theirs={refused.theirs}
          mine={refused.mine}
          onOverwrite={() => {
            save(refused.mine, refused.theirs.version);
            setRefused(null);
          }}
          onKeepTheirs={onDiscard}
        />
      )}
    </div>
  );
}

/** What happened to the piece, newest first. */
function Story({ piece }: { piece: PieceView }) {
  const { clientId = '' } = useParams();
  const { client } = useDesk();
  const story = useStory(clientId, piece);
  /** A set by its label, and anything else as people read it. */
  const inWords = (name: string, value: unknown) =>
    value == null
      ? say('derived')
      : name === 'set'
        ? (client.sets.find((set) => set.id === value)?.label ?? say('aSet'))
        : valueWords(value);
  return (
    <section className="mt-6">
      <h2 className="font-serif text-[15px] font-semibold">{common.pieces.story}</h2>
      <ol className="mt-1 flex flex-col gap-1.5 text-xs">
        {story.data?.map((happened, i) => (
          <li key={i}>
            <span className="text-soft">
              {day(happened.at)} {happened.action}
            </span>
            {happened.action !== 'added' && happened.changed.length > 0 && (
              <span className="block">
                {happened.changed
                  .map(({ name, value }) => `${words(name)}: ${inWords(name, value)}`)
                  .join('; ')}
              </span>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}
