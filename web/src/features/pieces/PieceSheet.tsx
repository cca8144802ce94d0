import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import { api, need, type PieceView } from '../../api/client';
import { text, words } from '../../app/messages';
import { Button } from '../../ui/Button';
import { Drawing } from '../../ui/Drawing';
import { useDesk } from '../workspace/context';
import { useChange, useDelete } from './queries';

const chosenWords = [
  'cloth',
  'fit',
  'shape',
  'hem',
  'rise',
  'neckline',
  'sleeve',
  'opening',
  'pattern',
  'patternScale',
  'metal',
  'toe',
  'show',
];
const numbers: Record<string, [number, number]> = { clothWeight: [1, 5], formality: [1, 7], heelCm: [0, 25] };

/** One piece: its drawing and its attributes, each shown as derived or as set by hand. */
export function PieceSheet() {
  const { ref = '' } = useParams();
  const { byId } = useDesk();
  const { search } = useLocation();
  const piece = byId.get(ref);
  return (
    <div className="p-5">
      <Link to={`..${search}`} relative="path" className="text-chalk">
        ← {text.pieces.back}
      </Link>
      {piece && <Sheet key={`${piece.id} ${piece.version}`} piece={piece} />}
    </div>
  );
}

function Sheet({ piece }: { piece: PieceView }) {
  const { clientId = '' } = useParams();
  const { search } = useLocation();
  const navigate = useNavigate();
  const vocabulary = useQuery({
    queryKey: ['vocabulary'],
    staleTime: Infinity,
    queryFn: () => need(api.GET('/api/v1/vocabulary')),
  });
  const change = useChange(clientId);
  const remove = useDelete(clientId);
  const [set, setSet] = useState<Record<string, unknown>>({ ...piece.set });
  const resolved = { ...piece.resolved, ...set } as Record<string, unknown>;
  const dirty = JSON.stringify(set) !== JSON.stringify(piece.set);
  const edit = (name: string, value: unknown) => setSet((before) => ({ ...before, [name]: value }));
  const reset = (name: string) =>
    setSet((before) => Object.fromEntries(Object.entries(before).filter(([key]) => key !== name)));
  const applies = (name: string) => name in resolved;
  const colours = (resolved.colours as (string | { hex: string; share: number })[]) ?? [];
  const cost = (resolved.cost as { amount: number | string; currency: string } | undefined) ?? undefined;

  return (
    <div className="mt-3 grid grid-cols-[220px_minmax(0,1fr)] gap-8">
      <div>
        <Drawing svg={piece.flat ?? ''} name={piece.label ?? ''} className="w-full bg-paper p-4" />
        <h1 className="mt-3 font-serif text-xl font-semibold">{piece.label}</h1>
        <p className="text-soft">{piece.kindName}</p>
        <div className="mt-4 flex gap-3">
          <Button
            look="ink"
            disabled={!dirty || change.isPending}
            onClick={() => change.mutate({ piece, set })}
          >
            {text.pieces.saveChanges}
          </Button>
          <Button
            onClick={() =>
              remove.mutate(piece, { onSuccess: () => navigate(`/clients/${clientId}/pieces${search}`) })
            }
          >
            {text.pieces.delete}
          </Button>
        </div>
      </div>
      <div className="grid grid-cols-2 content-start gap-x-8 gap-y-3">
        <Field name="label" isSet={'label' in set} onReset={() => reset('label')}>
          <input
            id="label"
            value={String(resolved.label ?? '')}
            maxLength={80}
            onChange={(event) => edit('label', event.target.value)}
            className="w-full border-b border-line bg-transparent py-1"
          />
        </Field>
        <Field name="kind" isSet onReset={undefined}>
          <select
            id="kind"
            value={String(set.kind ?? piece.kind)}
            onChange={(event) => edit('kind', event.target.value)}
            className="w-full border-b border-line bg-transparent py-1"
          >
            {vocabulary.data?.kinds?.map((kind) => (
              <option key={kind.id} value={kind.id}>
                {kind.name}
              </option>
            ))}
          </select>
        </Field>
        <Field name="colours" isSet={'colours' in set} onReset={() => reset('colours')}>
          <span className="flex gap-2">
            {colours.map((colour, i) => {
              const hex = typeof colour === 'string' ? colour : colour.hex;
              return (
                <input
                  key={i}
                  id={i === 0 ? 'colours' : undefined}
                  aria-label={`colour ${i + 1}`}
                  type="color"
                  value={hex}
                  onChange={(event) =>
                    edit(
                      'colours',
                      colours.map((c, j) =>
                        j !== i
                          ? c
                          : typeof c === 'string'
                            ? event.target.value
                            : { ...c, hex: event.target.value },
                      ),
                    )
                  }
                  className="h-8 w-10 border border-line"
                />
              );
            })}
          </span>
        </Field>
        <Field name="cost" isSet={'cost' in set} onReset={() => reset('cost')}>
          <input
            id="cost"
            inputMode="decimal"
            value={cost ? String(cost.amount) : ''}
            onChange={(event) =>
              event.target.value === ''
                ? reset('cost')
                : edit('cost', {
                    amount: Number(event.target.value.replace(',', '.')),
                    currency: cost?.currency ?? 'EUR',
                  })
            }
            className="w-full border-b border-line bg-transparent py-1"
          />
        </Field>
        {chosenWords.filter(applies).map((name) => (
          <Field key={name} name={name} isSet={name in set} onReset={() => reset(name)}>
            <select
              id={name}
              value={String(resolved[name] ?? '')}
              onChange={(event) => edit(name, event.target.value)}
              className="w-full border-b border-line bg-transparent py-1"
            >
              {vocabulary.data?.words?.[name]?.map((id) => (
                <option key={id} value={id}>
                  {words(id)}
                </option>
              ))}
            </select>
          </Field>
        ))}
        {Object.entries(numbers)
          .filter(([name]) => applies(name))
          .map(([name, [least, most]]) => (
            <Field key={name} name={name} isSet={name in set} onReset={() => reset(name)}>
              <input
                id={name}
                type="number"
                min={least}
                max={most}
                step={name === 'heelCm' ? 0.5 : 1}
                value={String(resolved[name] ?? '')}
                onChange={(event) => event.target.value !== '' && edit(name, Number(event.target.value))}
                className="w-full border-b border-line bg-transparent py-1"
              />
            </Field>
          ))}
      </div>
    </div>
  );
}

function Field(props: { name: string; isSet: boolean; onReset?: () => void; children: React.ReactNode }) {
  return (
    <div>
      <div className="flex min-h-6 items-center justify-between text-xs text-soft">
        <label htmlFor={props.name}>{words(props.name)}</label>
        {props.isSet && props.onReset ? (
          <Button
            look="link"
            aria-label={`${words(props.name)}: ${text.pieces.reset}`}
            onClick={props.onReset}
          >
            {text.pieces.set} ×
          </Button>
        ) : (
          <span>{props.isSet ? '' : text.pieces.derived}</span>
        )}
      </div>
      {props.children}
    </div>
  );
}
