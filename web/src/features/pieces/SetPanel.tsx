import { useState } from 'react';
import { Link, useLocation, useParams } from 'react-router';
import type { PieceView } from '../../api/client';
import { sentence } from '../../api/problem';
import { words } from '../../language/format';
import { text } from './text';
import { Button } from '../../ui/Button';
import { useDesk, useVocabulary } from '../desk';
import { useJoinSet } from './queries';
import { Select } from '../../ui/Select';

/** The set a piece belongs to: its other pieces, joining, leaving, and creating one. */
export function SetPanel({ piece }: { piece: PieceView }) {
  const { clientId = '' } = useParams();
  const { search } = useLocation();
  const { pieces, client } = useDesk();
  const vocabulary = useVocabulary();
  const join = useJoinSet(clientId);
  const [kind, setKind] = useState('suit');
  const memberOf = (id: unknown) => pieces.filter((p) => (p.set as Record<string, unknown>).set === id);
  const own = (piece.set as Record<string, unknown>).set;
  const set = client.sets.find((s) => s.id === own);
  const others = memberOf(own).filter((p) => p.id !== piece.id);
  const ids = (members: PieceView[]) => members.map((p) => p.id);

  return (
    <section className="mt-6 text-[13px]">
      <h2 className="font-serif text-[15px] font-semibold">{text.sets.title}</h2>
      {join.error && (
        <p role="alert" className="text-no">
          {sentence(join.error)}
        </p>
      )}
      {set ? (
        <>
          <p>
            {set.label} <span className="text-soft">({words(set.kind)})</span>
          </p>
          <ul>
            {others.map((p) => (
              <li key={p.id}>
                <Link to={`../${p.id}${search}`} relative="path" className="text-chalk">
                  {p.label}
                </Link>
              </li>
            ))}
          </ul>
          {others.length > 0 && (
            <Button look="link" onClick={() => join.mutate({ ...set, pieces: ids(others) })}>
              {text.sets.leave}
            </Button>
          )}
        </>
      ) : (
        <div className="mt-1 flex flex-col gap-2">
          {client.sets.length > 0 && (
            <Select
              label={text.sets.join}
              value=""
              placeholder={text.sets.join}
              options={client.sets.map(({ id, label }) => [id, label] as const)}
              onChange={(id) => {
                const chosen = client.sets.find((s) => s.id === id)!;
                join.mutate({ ...chosen, pieces: [...ids(memberOf(id)), piece.id] });
              }}
            />
          )}
          <div className="flex items-center gap-2">
            <Select
              label={text.sets.kind}
              value={kind}
              options={(vocabulary.data?.setKinds ?? []).map((id) => [id, words(id)] as const)}
              onChange={setKind}
            />
            <Button
              look="link"
              onClick={() =>
                join.mutate({
                  id: `s-${crypto.randomUUID().slice(0, 8)}`,
                  kind,
                  label: `${piece.colourNames[0] ?? ''} ${words(kind)}`.trim(),
                  pieces: [piece.id],
                })
              }
            >
              {text.sets.make}
            </Button>
          </div>
        </div>
      )}
    </section>
  );
}
