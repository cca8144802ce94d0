import { useState } from 'react';
import { words } from '../../language/format';
import { Button } from '../../ui/Button';
import { Field, TextArea, TextInput } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { Tick } from '../../ui/Tick';
import { useVocabulary } from '../desk';
import { Effect } from './effects';
import { say } from './messages';
import type { Avoidance, Brief, BriefSaver } from './queries';

const zones = ['shoulders', 'upper-arm', 'chest', 'midriff', 'knee', 'ankle'];
const known = ['nickel', 'wool', 'latex', 'dye'];
type Part = keyof Avoidance;
const parts: [Part, string][] = [
  ['fibre', say('fibre')],
  ['kind', say('kind')],
  ['pattern', say('pattern')],
  ['metal', say('metal')],
  ['colour', say('colourWord')],
];

/** What the client will not wear and does not bear. Each line says what it takes away. */
export function LimitsSection({ brief, saver }: { brief: Brief; saver: BriefSaver }) {
  const { boundaries } = brief.brief;
  const put = (part: Partial<typeof boundaries>) => saver.save({ boundaries: { ...boundaries, ...part } });
  const own = boundaries.sensitivities.filter((one) => !known.includes(one));
  const [heelError, setHeelError] = useState('');
  return (
    <div className="grid gap-4 @xl:grid-cols-2">
      <div>
        <Field label={say('maxHeel')} error={heelError}>
          {(id) => (
            <TextInput
              key={boundaries.maxHeelCm ?? ''}
              id={id}
              className="max-w-24"
              inputMode="decimal"
              placeholder={say('noLimit')}
              defaultValue={boundaries.maxHeelCm ?? ''}
              onBlur={(event) => {
                const typed = event.target.value.trim();
                const cm = typed === '' ? undefined : Number(typed);
                const wrong = cm !== undefined && !(cm >= 0 && cm <= 25);
                setHeelError(wrong ? '0 to 25 cm' : '');
                if (!wrong && cm !== boundaries.maxHeelCm) {
                  put({ maxHeelCm: cm });
                }
              }}
            />
          )}
        </Field>
        <Effect pointer="/boundaries/maxHeelCm" />
      </div>
      <div>
        <Tick label={say('tucks')} checked={boundaries.tucks} onChange={(tucks) => put({ tucks })} />
        <Effect pointer="/boundaries/tucks" />
      </div>
      <fieldset>
        <legend className="text-xs text-soft">{say('covered')}</legend>
        {zones.map((zone) => (
          <div key={zone}>
            <Tick
              label={words(zone)}
              checked={boundaries.coverage.includes(zone)}
              onChange={(on) =>
                put({
                  coverage: on
                    ? [...boundaries.coverage, zone]
                    : boundaries.coverage.filter((one) => one !== zone),
                })
              }
            />
            {boundaries.coverage.includes(zone) && (
              <Effect pointer={`/boundaries/coverage/${boundaries.coverage.indexOf(zone)}`} />
            )}
          </div>
        ))}
      </fieldset>
      <fieldset>
        <legend className="text-xs text-soft">{say('sensitivities')}</legend>
        {known.map((one) => (
          <div key={one}>
            <Tick
              label={one}
              checked={boundaries.sensitivities.includes(one)}
              onChange={(on) =>
                put({
                  sensitivities: on
                    ? [...boundaries.sensitivities, one]
                    : boundaries.sensitivities.filter((other) => other !== one),
                })
              }
            />
            {boundaries.sensitivities.includes(one) && (
              <Effect
                pointer={`/boundaries/sensitivities/${boundaries.sensitivities.filter((s) => known.includes(s)).indexOf(one)}`}
              />
            )}
          </div>
        ))}
        <Field label={say('otherSensitivity')} className="mt-1">
          {(id) => (
            <TextInput
              key={own.join()}
              id={id}
              defaultValue={own.join(', ')}
              onBlur={(event) => {
                const typed = event.target.value
                  .split(',')
                  .map((one) => one.trim())
                  .filter(Boolean);
                if (typed.join() !== own.join()) {
                  put({
                    sensitivities: [
                      ...boundaries.sensitivities.filter((one) => known.includes(one)),
                      ...typed,
                    ],
                  });
                }
              }}
            />
          )}
        </Field>
        <Field label={say('healthNote')} hint={say('healthHint')} className="mt-2">
          {(id) => (
            <TextArea
              key={boundaries.healthNote ?? ''}
              id={id}
              rows={2}
              maxLength={4000}
              defaultValue={boundaries.healthNote ?? ''}
              onBlur={(event) =>
                event.target.value !== (boundaries.healthNote ?? '') &&
                put({ healthNote: event.target.value || undefined })
              }
            />
          )}
        </Field>
      </fieldset>
      <Never avoid={boundaries.avoid} onChange={(avoid) => put({ avoid })} />
    </div>
  );
}

function Never({ avoid, onChange }: { avoid: Avoidance[]; onChange: (avoid: Avoidance[]) => void }) {
  const vocabulary = useVocabulary().data;
  const [part, setPart] = useState<Part>('fibre');
  const values: Record<Part, readonly (readonly [string, string])[]> = {
    fibre: named(vocabulary?.words.fibres),
    pattern: named(vocabulary?.words.pattern),
    metal: named(vocabulary?.words.metal),
    kind: (vocabulary?.kinds ?? []).map((kind) => [kind.id ?? '', kind.name ?? ''] as const),
    colour: Object.entries(vocabulary?.colours ?? {}).map(([name, hex]) => [hex, name] as const),
  };
  const wordsOf = (one: Avoidance) => {
    const [key, value] = Object.entries(one)[0] as [Part, string];
    return values[key].find(([id]) => id === value)?.[1] ?? words(value);
  };
  return (
    <fieldset className="@xl:col-span-2">
      <legend className="text-xs text-soft">{say('never')}</legend>
      <ul>
        {avoid.map((one, i) => (
          <li key={JSON.stringify(one)} className="flex items-baseline gap-2">
            <span className="font-medium">{wordsOf(one)}</span>
            <Effect pointer={`/boundaries/avoid/${i}`} />
            <Button
              look="link"
              aria-label={`${say('remove')} ${wordsOf(one)}`}
              onClick={() => onChange(avoid.filter((_, at) => at !== i))}
            >
              ×
            </Button>
          </li>
        ))}
      </ul>
      <div className="mt-1 grid max-w-md grid-cols-[120px_minmax(0,1fr)] gap-2">
        <Select
          label={say('never')}
          value={part}
          options={parts}
          onChange={(next) => setPart(next as Part)}
        />
        <Select
          label={`${say('never')}: ${say('addNever')}`}
          value=""
          options={[
            ['', `${say('addNever')} …`],
            ...values[part].filter(([id]) => !avoid.some((one) => one[part] === id)),
          ]}
          onChange={(value) => value && onChange([...avoid, { [part]: value }])}
        />
      </div>
    </fieldset>
  );
}

const named = (ids?: readonly string[]) => (ids ?? []).map((id) => [id, words(id)] as const);
