import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { createPortal } from 'react-dom';
import { Link, useLocation, useParams } from 'react-router';
import { api, need, type PaletteView, type SwatchView } from '../../api/client';
import { mergedList, saveOver, tagged } from '../../api/merge';
import { sentence } from '../../api/problem';
import { familyNames } from '../../language/format';
import { text } from './text';
import { Button } from '../../ui/Button';
import { Drawing } from '../../ui/Drawing';
import { ColourPicker, useDesk, usePalette, useRefresh } from '../desk';
import { say } from './messages';

type Client = PaletteView['client'];
const parts = [
  ['base', text.palette.clientBase],
  ['accents', text.palette.clientAccents],
  ['avoid', text.palette.clientAvoid],
] as const;
const roles = [
  ['base', text.palette.base, text.palette.baseWhat],
  ['accent', text.palette.accent, text.palette.accentWhat],
  ['outsider', text.palette.outsider, text.palette.outsiderWhat],
] as const;

/** The palette as it is now, with the colours added and without those removed since `before`. */
const merged = (before: Client, mine: Client, now: Client): Client => ({
  base: mergedList(before.base, mine.base, now.base),
  accents: mergedList(before.accents, mine.accents, now.accents),
  avoid: mergedList(before.avoid, mine.avoid, now.avoid),
});

/** The wardrobe's colours on neutral grey, weighted by pieces, beside the client's palette. */
export function PalettePage() {
  const { clientId = '' } = useParams();
  const { pieces, byId, readingSlot, stamp } = useDesk();
  const refresh = useRefresh();
  const [picked, setPicked] = useState<string | null>(null);
  const path = { params: { path: { clientId } } };
  const palette = usePalette(clientId, stamp);
  const change = useMutation({
    mutationFn: ({ before, client }: { before: Client; client: Client }) =>
      saveOver(
        () => tagged(api.GET('/api/v1/clients/{clientId}/palette', path)),
        (now, header) =>
          need(
            api.PUT('/api/v1/clients/{clientId}/palette', {
              params: { ...path.params, header },
              body: merged(before, client, (now as PaletteView).client),
            }),
          ),
      ),
    onSuccess: refresh,
  });
  if (pieces.length === 0) {
    return <p className="p-8 text-soft">{text.palette.empty}</p>;
  }
  const view = palette.data;
  const swatch = view?.swatches.find((s) => s.hex === picked);

  return (
    <div className="p-5">
      <header className="mb-3 flex items-baseline gap-4">
        <h1 className="font-serif text-xl font-semibold">{text.palette.title}</h1>
        <p className="text-xs text-soft">{text.palette.sub}</p>
      </header>
      {(palette.error ?? change.error) && (
        <p role="alert" className="text-no">
          {sentence(palette.error ?? change.error)}
        </p>
      )}
      {view && (
        <>
          <div className="flex h-24 w-full bg-rail p-3" aria-hidden="true">
            {view.swatches.map((s) => (
              <span
                key={s.hex}
                style={{ background: s.hex, flexGrow: s.weightFraction }}
                className="h-full"
              />
            ))}
          </div>
          {roles.map(([role, title, what]) => (
            <section key={role} className="mt-5">
              <h2 className="font-serif text-[15px] font-semibold">
                {title} <span className="ml-2 font-sans text-xs font-normal text-soft">{what}</span>
              </h2>
              <ul className="mt-1 flex flex-wrap gap-2">
                {view.swatches
                  .filter((s) => s.role === role)
                  .map((s) => (
                    <li key={s.hex}>
                      <Swatch swatch={s} picked={s.hex === picked} onPick={() => setPicked(s.hex)} />
                    </li>
                  ))}
              </ul>
            </section>
          ))}
          {view.alike.length > 0 && (
            <section className="mt-5">
              <h2 className="font-serif text-[15px] font-semibold">{text.palette.alike}</h2>
              {view.alike.map((group) => (
                <div key={group.pieces[0]} className="mt-2 flex items-center gap-4 border-t border-hair pt-2">
                  <p className="w-44">
                    {group.pieces.length} × {group.name} {familyNames[group.family]}
                    <span className="block text-xs text-soft">
                      {text.palette.within} {group.spread.toFixed(1)}
                    </span>
                  </p>
                  <ul className="flex gap-4">
                    {group.pieces.map((id) => (
                      <PieceOf key={id} id={id} />
                    ))}
                  </ul>
                </div>
              ))}
            </section>
          )}
          <ClientPalette
            client={view.client}
            worn={view.swatches.map((s) => s.hex)}
            onChange={(client) => change.mutate({ before: view.client, client })}
          />
        </>
      )}
      {readingSlot &&
        createPortal(
          swatch && view ? (
            <section data-testid="swatch-reading">
              <h2 className="flex items-center gap-2 font-serif text-[15px] font-semibold">
                <span className="h-5 w-5 border border-line" style={{ background: swatch.hex }} />
                {swatch.name}
              </h2>
              <p className="text-soft">
                {Math.round(swatch.weightFraction * 100)} in 100 · {swatch.hex}
              </p>
              {swatch.fromPalette !== null && (
                <p className="text-soft">
                  ΔE {swatch.fromPalette.toFixed(1)} {text.palette.from}
                </p>
              )}
              <p className="mt-2">
                {text.palette.take}{' '}
                {parts.map(([part, words]) => (
                  <Button
                    key={part}
                    look="link"
                    className="mr-3"
                    onClick={() =>
                      change.mutate({
                        before: view.client,
                        client: { ...view.client, [part]: [...view.client[part], swatch.hex] },
                      })
                    }
                  >
                    {words}
                  </Button>
                ))}
              </p>
              <ul className="mt-3 flex flex-wrap gap-3">
                {swatch.pieces
                  .filter((id) => byId.has(id))
                  .map((id) => (
                    <PieceOf key={id} id={id} />
                  ))}
              </ul>
            </section>
          ) : (
            <p className="text-soft">{text.palette.pick}</p>
          ),
          readingSlot,
        )}
    </div>
  );
}

function Swatch({ swatch, picked, onPick }: { swatch: SwatchView; picked: boolean; onPick: () => void }) {
  return (
    <button
      type="button"
      aria-pressed={picked}
      onClick={onPick}
      className={`flex w-28 flex-col bg-rail p-2 text-left text-xs ${picked ? 'outline-2 outline-chalk' : ''}`}
    >
      <span className="h-12 w-full" style={{ background: swatch.hex }} />
      <span className="mt-1 text-ink">{swatch.name}</span>
      <span className="text-ink">{say('pieces', { n: swatch.pieces.length })}</span>
    </button>
  );
}

function PieceOf({ id }: { id: string }) {
  const { byId } = useDesk();
  const { search } = useLocation();
  const piece = byId.get(id);
  return (
    <li className="w-20 text-center text-[11px] leading-tight">
      <Link to={`../pieces/${id}${search}`} className="hover:text-chalk">
        <Drawing src={piece?.flat ?? ''} name="" className="mx-auto h-16 w-14" />
        {piece?.label ?? id}
      </Link>
    </li>
  );
}

/** The client's palette, edited by name, by hex value or from the wardrobe. */
function ClientPalette({
  client,
  worn,
  onChange,
}: {
  client: Client;
  worn: string[];
  onChange: (client: Client) => void;
}) {
  const empty = parts.every(([part]) => client[part].length === 0);
  return (
    <section className="mt-6">
      <h2 className="font-serif text-[15px] font-semibold">{text.palette.client}</h2>
      {empty && <p className="text-soft">{text.palette.noPalette}</p>}
      {parts.map(([part, words]) => (
        <div key={part} className="mt-2 flex items-center gap-2">
          <span className="w-32 text-soft">{words}</span>
          {client[part].map((hex, i) => (
            <button
              key={hex + i}
              type="button"
              aria-label={`${text.palette.remove} ${hex}`}
              title={hex}
              onClick={() => onChange({ ...client, [part]: client[part].filter((_, j) => j !== i) })}
              className="h-8 w-8 border border-line"
              style={{ background: hex }}
            />
          ))}
          <ColourPicker
            many
            worn={worn}
            label={say('addTo', { part: words })}
            onPick={(hex) =>
              !client[part].includes(hex) && onChange({ ...client, [part]: [...client[part], hex] })
            }
          >
            {text.palette.add}
          </ColourPicker>
        </div>
      ))}
    </section>
  );
}
