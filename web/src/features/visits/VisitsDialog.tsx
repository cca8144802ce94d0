import { useState } from 'react';
import { sentence } from '../../api/problem';
import { dateOf } from '../../language/format';
import { Button } from '../../ui/Button';
import { Modal } from '../../ui/Modal';
import { useSay } from '../../ui/Notices';
import { useUndo } from '../desk';
import { useToday } from '../session';
import { say } from './messages';
import { useAddVisit, useChangeVisit, useDeleteVisit, useVisits, type Visit } from './queries';
import { VisitForm } from './VisitForm';

interface Props {
  clientId: string;
  client: string;
  onOpenChange: (open: boolean) => void;
}

/** A client's visits, past and to come: written down, changed and deleted. */
export function VisitsDialog({ clientId, client, onOpenChange }: Props) {
  return (
    <Modal wide title={say('of', { client })} open onOpenChange={onOpenChange}>
      <Visits clientId={clientId} />
    </Modal>
  );
}

function Visits({ clientId }: { clientId: string }) {
  const visits = useVisits(clientId);
  const add = useAddVisit(clientId);
  const today = useToday();
  const [added, setAdded] = useState(0);
  return (
    <>
      <VisitForm
        key={added}
        visit={{ date: today(), note: '' }}
        save={say('add')}
        problem={add.error}
        onSave={(fields) => add.mutate(fields, { onSuccess: () => setAdded(added + 1) })}
      />
      {visits.error && (
        <p role="alert" className="mt-4 text-no">
          {sentence(visits.error)}
        </p>
      )}
      {visits.data?.length === 0 && <p className="mt-4 text-soft">{say('none')}</p>}
      <ul className="mt-4 border-t border-line" aria-label={say('visits')}>
        {visits.data?.map((visit) => (
          <Line key={visit.id} clientId={clientId} visit={visit} today={today()} />
        ))}
      </ul>
    </>
  );
}

function Line({ clientId, visit, today }: { clientId: string; visit: Visit; today: string }) {
  const change = useChangeVisit(clientId);
  const remove = useDeleteVisit(clientId);
  const undo = useUndo(clientId);
  const tell = useSay();
  const [changing, setChanging] = useState(false);
  const date = dateOf(visit.date);
  if (changing) {
    return (
      <li className="border-b border-line py-3">
        <VisitForm
          visit={visit}
          save={say('save')}
          problem={change.error}
          onSave={(fields) => change.mutate({ visit, fields }, { onSuccess: () => setChanging(false) })}
          onCancel={() => setChanging(false)}
        />
      </li>
    );
  }
  return (
    <li className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-line py-2">
      <span className="grow">
        {say('day', { date })}
        {visit.date >= today && (
          <span className="ml-2 text-xs text-soft">{say(visit.date === today ? 'isToday' : 'toCome')}</span>
        )}
      </span>
      <Button look="link" aria-label={say('changeOf', { date })} onClick={() => setChanging(true)}>
        {say('change')}
      </Button>
      <Button
        look="link"
        aria-label={say('deleteOf', { date })}
        onClick={() =>
          remove.mutate(visit, {
            onSuccess: () => tell(say('deleted', { date }), { label: say('undo'), run: () => undo.mutate() }),
            onError: (error) => tell(sentence(error)),
          })
        }
      >
        {say('delete')}
      </Button>
      {visit.note && <p className="w-full whitespace-pre-line text-soft">{visit.note}</p>}
    </li>
  );
}
