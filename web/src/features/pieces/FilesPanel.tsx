import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, need, sendFile, type PreviewView } from '../../api/client';
import { keys } from '../../api/keys';
import { tagged } from '../../api/merge';
import { sentence } from '../../api/problem';
import { figure } from '../../language/format';
import { common } from '../../language/text';
import { text } from './text';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { useSay } from '../../ui/Notices';
import { useRefresh } from '../desk';
import { say } from './messages';
import { Tick } from '../../ui/Tick';

const shownRows = 200;
const picker =
  'text-soft file:mr-3 file:min-h-7 file:cursor-pointer file:border file:border-line file:bg-sheet file:px-3 file:font-sans file:text-ink';

/** The chosen file; the same can be chosen again, since a corrected one has the name of the one before. */
function taken(input: HTMLInputElement): File | undefined {
  const file = input.files?.[0];
  input.value = '';
  return file;
}

/** The inventory in and out as files: CSV with a preview of every row, and the whole client as a document. */
export function FilesPanel({ clientId, done }: { clientId: string; done: () => void }) {
  const tell = useSay();
  const [csv, setCsv] = useState<File | null>(null);
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  const base = `/api/v1/clients/${clientId}/inventory`;
  const preview = useMutation({
    mutationFn: (file: File) => sendFile<PreviewView>(`${base}/preview`, 'text/csv', file),
  });
  const refresh = useRefresh();
  const save = useMutation({
    mutationFn: (file: File) => {
      const good = preview.data?.rows.filter((row) => row.action !== 'refuse' && !left.has(row.row)) ?? [];
      const chosen = left.size === 0 ? 'goodOnly=true' : `rows=${good.map((row) => row.row).join(',')}`;
      return sendFile<{ added: number; changed: number }>(`${base}?${chosen}`, 'text/csv', file);
    },
    onSuccess: (applied) => {
      tell(say('rowsSaved', { n: applied.added + applied.changed }));
      done();
      return refresh();
    },
  });
  // As it was when the panel was opened: what others record meanwhile is not replaced unseen.
  const version = useQuery({
    queryKey: keys.document(clientId),
    queryFn: () => tagged(api.GET('/api/v1/clients/{clientId}/document', { params: { path: { clientId } } })),
  });
  const replace = useMutation({
    mutationFn: async (file: File) =>
      need(
        api.PUT('/api/v1/clients/{clientId}/document', {
          params: { path: { clientId }, header: { 'If-Match': version.data?.tag ?? '' } },
          body: JSON.parse(await file.text()),
        }),
      ),
    onError: () => version.refetch(),
    onSuccess: (imported) => {
      tell(say('linesSaved', { n: imported.pieces }));
      done();
      return refresh();
    },
  });

  function choose(file: File | undefined) {
    if (file) {
      setCsv(file);
      setLeft(new Set());
      preview.mutate(file);
    }
  }
  const toggle = (row: number) =>
    setLeft((before) => {
      const next = new Set(before);
      if (!next.delete(row)) {
        next.add(row);
      }
      return next;
    });
  const seen = preview.data;
  const worst = [...(seen?.rows ?? [])].sort(
    (a, b) => Number(b.action === 'refuse') - Number(a.action === 'refuse') || a.row - b.row,
  );

  return (
    <div className="h-full overflow-auto p-5">
      <div className="grid grid-cols-2 gap-8">
        <section>
          <h2 className="font-serif text-[15px] font-semibold">{text.csv.title}</h2>
          <p className="my-1 text-soft">{text.csv.what}</p>
          <p className="my-2">
            <a href={`${base}.csv`} download className="font-medium text-chalk">
              {text.csv.out}
            </a>
          </p>
          <label className="flex flex-col gap-1">
            {text.csv.choose}
            <input
              type="file"
              className={picker}
              accept=".csv,text/csv"
              onChange={(event) => choose(taken(event.currentTarget))}
            />
          </label>
        </section>
        <section>
          <h2 className="font-serif text-[15px] font-semibold">{text.csv.document}</h2>
          <p className="my-1 text-soft">{text.csv.documentWhat}</p>
          <p className="my-2">
            <a
              href={`/api/v1/clients/${clientId}/document`}
              download="wardrobe.json"
              className="font-medium text-chalk"
            >
              {text.csv.documentOut}
            </a>
          </p>
          <label className="flex flex-col gap-1">
            {text.csv.chooseDocument}
            <input
              type="file"
              className={picker}
              accept=".json,application/json"
              onChange={(event) => {
                const file = taken(event.currentTarget);
                if (file) {
                  replace.mutate(file);
                }
              }}
            />
          </label>
          {replace.error && (
            <p role="alert" className="mt-2 text-no">
              {replace.error instanceof SyntaxError ? replace.error.message : sentence(replace.error)}
            </p>
          )}
        </section>
      </div>
      {preview.isPending && <p className="mt-4 text-soft">{text.csv.reading}</p>}
      {preview.error && (
        <p role="alert" className="mt-4 text-no">
          {sentence(preview.error)}
        </p>
      )}
      {seen && csv && (
        <section className="mt-5" data-testid="csv-preview">
          <div className="flex items-baseline gap-5">
            <strong>{csv.name}</strong>
            {(['add', 'change', 'same', 'refuse'] as const).map((action) => (
              <span key={action}>
                <strong className="font-serif">{figure(seen[action])}</strong>{' '}
                <span className="text-soft">{text.csv[action]}</span>
              </span>
            ))}
            <Button
              look="ink"
              className="ml-auto"
              disabled={save.isPending || seen.add + seen.change === 0}
              onClick={() => save.mutate(csv)}
            >
              {text.csv.save}
            </Button>
          </div>
          {save.error && (
            <p role="alert" className="text-no">
              {sentence(save.error)}
            </p>
          )}
          <table className="mt-2 w-full text-[13px]">
            <thead>
              <tr className="border-b border-line text-left text-xs text-soft">
                <th scope="col" className="w-16 font-normal">
                  {text.csv.row}
                </th>
                <th scope="col" className="w-24 font-normal">
                  {text.csv.happens}
                </th>
                <th scope="col" className="w-64 font-normal">
                  {common.pieces.piece}
                </th>
                <th scope="col" className="font-normal">
                  {text.csv.wrong}
                </th>
              </tr>
            </thead>
            <tbody>
              {worst.slice(0, shownRows).map((row) => (
                <tr key={row.row} className="border-b border-hair">
                  <td>
                    {row.action === 'refuse' ? (
                      row.row
                    ) : (
                      <Tick
                        label={String(row.row)}
                        checked={!left.has(row.row)}
                        onChange={() => toggle(row.row)}
                      />
                    )}
                  </td>
                  <td>{text.csv[row.action as 'add']}</td>
                  <td className="truncate">{row.label}</td>
                  <td>
                    {row.problems.map((problem, i) => (
                      <span key={i} className="mr-3 inline-flex items-center gap-1 text-no">
                        <Mark kind="no" />
                        {problem.pointer.slice(1)} {problem.message}
                      </span>
                    ))}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
    </div>
  );
}
