import { keys } from '../../api/keys';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, need, sendFile, type PhotoView, type PieceView } from '../../api/client';
import { ifMatch } from '../../api/merge';
import { sentence } from '../../api/problem';
import { text } from './text';
import { Button } from '../../ui/Button';
import { useKeys } from '../../ui/useKeys';
import { useBrief } from '../brief';
import { useDesk } from '../desk';
import { say } from './messages';

/** Photos of a piece beside its drawing, with the colours they show, taken over with one key. */
export function Photos({ piece, onColours }: { piece: PieceView; onColours: (colours: unknown) => void }) {
  const { clientId = '' } = useParams();
  const { client } = useDesk();
  const brief = useBrief(clientId).data;
  const queries = useQueryClient();
  const path = { params: { path: { clientId, ref: piece.id } } };
  const key = keys.photos(clientId, piece.id);
  const photos = useQuery({
    queryKey: key,
    queryFn: () => need(api.GET('/api/v1/clients/{clientId}/pieces/{ref}/photos', path)),
  });
  const refresh = () => queries.invalidateQueries({ queryKey: key });
  const add = useMutation({
    mutationFn: (file: File) =>
      sendFile<PhotoView>(
        `/api/v1/clients/${clientId}/pieces/${piece.id}/photos`,
        'application/octet-stream',
        file,
      ),
    onSuccess: refresh,
  });
  const shoot = useMutation({
    mutationFn: (picture: string) =>
      need(
        api.POST('/api/v1/clients/{clientId}/pieces/{ref}/photos/from-camera', {
          ...path,
          body: { picture },
        }),
      ),
    onSuccess: refresh,
  });
  const remove = useMutation({
    mutationFn: ({ id, version }: PhotoView) =>
      need(
        api.DELETE('/api/v1/clients/{clientId}/photos/{id}', {
          params: { path: { clientId, id }, header: ifMatch(version) },
        }),
      ),
    onSuccess: refresh,
  });
  const problem = add.error ?? shoot.error ?? remove.error;
  const newest = photos.data?.at(-1);
  function take() {
    const shown = newest?.colours ?? [];
    if (shown.length === 1) {
      onColours([shown[0]!.hex]);
    } else if (shown.length > 1) {
      // the first share is what the others leave, so that they add up to one exactly
      onColours(shown.map(({ hex, share }, i) => (i === 0 ? hex : { hex, share })));
    }
  }
  useKeys({ c: take });

  if (brief && !brief.brief.photoConsent) {
    return (
      <section className="mt-6">
        <h2 className="font-serif text-[15px] font-semibold">{text.photos.title}</h2>
        <p className="text-soft">{say('noConsent', { client: client.name })}</p>
        <Link to={`/clients/${clientId}/brief`} className="text-chalk">
          {say('toTheBrief')}
        </Link>
      </section>
    );
  }
  return (
    <section className="mt-6">
      <h2 className="font-serif text-[15px] font-semibold">{text.photos.title}</h2>
      <ul className="mt-1 flex flex-wrap gap-2">
        {photos.data?.map((photo, i) => (
          <li key={photo.id} className="relative">
            <a
              href={`/api/v1/clients/${clientId}/photos/${photo.id}/large.jpg`}
              target="_blank"
              rel="noreferrer"
            >
              <img
                src={`/api/v1/clients/${clientId}/photos/${photo.id}/small.jpg`}
                alt={say('photoOf', { piece: piece.label, n: i + 1 })}
                className="h-20 w-20 bg-rail object-contain"
              />
            </a>
            <Button
              look="link"
              aria-label={say('removePhoto', { n: i + 1 })}
              className="absolute top-0 right-0 w-6 bg-sheet"
              onClick={() => remove.mutate(photo)}
            >
              ×
            </Button>
          </li>
        ))}
      </ul>
      {newest && newest.colours.length > 0 && (
        <div className="mt-2 text-[13px]">
          <span className="flex gap-1">
            {newest.colours.map((colour) => (
              <span
                key={colour.hex}
                className="h-6 w-8 border border-line"
                style={{ background: colour.hex }}
              />
            ))}
            <span>{newest.colours.map((colour) => colour.name).join(', ')}</span>
          </span>
          <Button look="link" onClick={take}>
            {text.photos.take} <kbd className="border border-line px-1 text-xs text-soft">c</kbd>
          </Button>
        </div>
      )}
      {problem && (
        <p role="alert" className="text-no">
          {sentence(problem)}
        </p>
      )}
      <CameraPictures taken={(picture) => shoot.mutate(picture)} />
      <label className="mt-1 flex flex-col text-xs text-soft">
        {add.isPending ? text.photos.adding : text.photos.add}
        <input
          type="file"
          accept="image/jpeg,image/png,image/webp"
          data-testid="photo-file"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) {
              add.mutate(file);
            }
            event.target.value = '';
          }}
          className="max-w-full"
        />
      </label>
    </section>
  );
}

/** What the camera has taken, to choose from. */
function CameraPictures({ taken }: { taken: (picture: string) => void }) {
  const [open, setOpen] = useState(false);
  const pictures = useQuery({
    queryKey: keys.camera(),
    enabled: open,
    queryFn: () => need(api.GET('/api/v1/camera')),
  });
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger asChild>
        <Button look="link">{text.photos.camera}</Button>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/30" />
        <Dialog.Content className="fixed z-40 top-[12%] left-1/2 w-[640px] -translate-x-1/2 border border-line bg-sheet p-6">
          <Dialog.Title className="font-serif text-lg font-semibold">{text.photos.camera}</Dialog.Title>
          <Dialog.Description className="mb-3 text-soft">{text.photos.cameraWhat}</Dialog.Description>
          <ul className="grid grid-cols-4 gap-3" data-testid="camera">
            {pictures.data?.map((picture) => (
              <li key={picture}>
                <button
                  type="button"
                  className="block w-full border border-line hover:border-ink"
                  onClick={() => {
                    setOpen(false);
                    taken(picture);
                  }}
                >
                  <img
                    src={`/api/v1/camera/${picture}`}
                    alt={picture.replace('.jpg', '').replaceAll('-', ' ')}
                    className="h-36 w-full object-cover"
                  />
                </button>
              </li>
            ))}
          </ul>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
