import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { Several } from '../../ui/Several';
import { say } from './messages';
import { usePlaces, useTemplates, type BriefDocument, type BriefSaver } from './queries';

/** What people most often say they will never wear, as limits. */
const nevers: [string, (boundaries: BriefDocument['boundaries']) => BriefDocument['boundaries']][] = [
  ['high heels', (all) => ({ ...all, maxHeelCm: 5 })],
  ['wool on the skin', (all) => ({ ...all, sensitivities: [...all.sensitivities, 'wool'] })],
  ['bare shoulders', (all) => ({ ...all, coverage: [...all.coverage, 'shoulders'] })],
  ['skirts above the knee', (all) => ({ ...all, coverage: [...all.coverage, 'knee'] })],
  ['a tucked-in top', (all) => ({ ...all, tucks: false })],
  ['leather', (all) => ({ ...all, avoid: [...all.avoid, { fibre: 'leather' }] })],
  ['animal prints', (all) => ({ ...all, avoid: [...all.avoid, { pattern: 'animal' }] })],
];

interface Props {
  boundaries: BriefDocument['boundaries'];
  saver: BriefSaver;
  onLater: () => void;
}

/** Three questions that give a new client a brief to begin with. */
export function FirstRun({ boundaries, saver, onLater }: Props) {
  const templates = useTemplates().data ?? [];
  const places = usePlaces().data ?? [];
  const [life, setLife] = useState<string[]>([]);
  const [place, setPlace] = useState('');
  const [never, setNever] = useState<string[]>([]);
  const done = () => {
    const chosen = places.find((one) => one.name === place);
    saver.save({
      occasions: templates.filter((one) => life.includes(one.name)).map((one) => one.occasion),
      ...(chosen ? { place: chosen.name, climate: chosen.months } : {}),
      boundaries: nevers
        .filter(([what]) => never.includes(what))
        .reduce((all, [, limit]) => limit(all), boundaries),
    });
  };
  return (
    <section className="max-w-2xl" data-testid="first-run">
      <h2 className="font-serif text-lg font-semibold">{say('first')}</h2>
      <p className="mb-4 text-soft">{say('firstWhat')}</p>
      <Several
        className="mt-4"
        label={say('firstLife')}
        options={templates.map((one) => one.name)}
        value={life}
        onChange={setLife}
      />
      <Field label={say('firstPlace')} className="mt-4 max-w-72">
        {(id) => (
          <Select
            id={id}
            value={place}
            options={[
              ['', '–'],
              ...places.map((one) => [one.name ?? '', `${one.name}, ${one.type}`] as const),
            ]}
            onChange={setPlace}
          />
        )}
      </Field>
      <Several
        className="mt-4"
        label={say('firstNever')}
        options={nevers.map(([what]) => what)}
        value={never}
        onChange={setNever}
      />
      <p className="mt-4 flex items-baseline gap-4">
        <Button look="ink" onClick={done} disabled={life.length === 0 && !place && never.length === 0}>
          {say('firstDone')}
        </Button>
        <Button look="link" onClick={onLater}>
          {say('firstLater')}
        </Button>
      </p>
    </section>
  );
}
