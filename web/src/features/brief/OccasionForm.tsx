import { zodResolver } from '@hookform/resolvers/zod';
import { useForm, useWatch, type PathValue } from 'react-hook-form';
import * as z from 'zod/mini';
import { words } from '../../language/format';
import { Field, TextInput } from '../../ui/Field';
import { Months } from '../../ui/Months';
import { Select } from '../../ui/Select';
import { Tick } from '../../ui/Tick';
import { Effect } from './effects';
import { textOf, textUpTo } from '../../ui/shapes';
import { limits } from '../../api/limits';
import { say } from './messages';
import { Felt } from './Felt';
import type { Felt as FeltDocument, OccasionDocument } from './queries';

const settings = ['usual', 'rough', 'bench', 'ceremony'];
const times = ['morning', 'daytime', 'evening', 'night'];
/** Activities in words, with their metabolic rate in met (ISO 8996). */
const activities: [string, string][] = [
  ['1.2', 'seated'],
  ['1.6', 'on the feet'],
  ['2', 'walking'],
  ['3', 'hard work'],
];
export const dressCodes = [
  'closed-toe',
  'flat',
  'trousers',
  'layers',
  'jacket',
  'tie',
  'sleeves',
  'hem-knee',
  'tucked',
  'restrained-prints',
  'all-black',
  'no-denim',
  'no-sheer',
  'no-shorts',
  'no-trainers',
  'no-loose-sleeves',
  'no-shoes',
  'protective-clothing',
];

const optional = ({ minimum, maximum }: { minimum: number; maximum: number }, unit: string) =>
  z.string().check(
    z.trim(),
    z.refine(
      (value) => value === '' || (Number(value) >= minimum && Number(value) <= maximum),
      say('outsideOf', { least: minimum, most: maximum, unit }).replace('-', '−'),
    ),
  );

const schema = z
  .object({
    name: textOf(limits.occasion.name, say('occasionName')),
    formalityLow: z.number(),
    formalityHigh: z.number(),
    often: z.string(),
    unit: z.enum(['week', 'month']),
    outdoorMinutes: optional(limits.occasion.outdoorMinutes, 'minutes'),
    indoorC: optional(limits.occasion.indoorC, '°C'),
    maxHeelCm: optional(limits.occasion.maxHeelCm, 'cm'),
    audience: textUpTo(limits.occasion.audience),
    from: z.string(),
    to: z.string(),
  })
  .check(
    z.refine((value) => value.formalityLow <= value.formalityHigh, {
      path: ['formalityHigh'],
      message: say('emptyWindow'),
    }),
    z.refine(({ from, to }) => (from === '') === (to === ''), {
      path: ['to'],
      message: say('hoursWrong'),
    }),
    z.refine(
      ({ often, unit }) =>
        often === '' ||
        (Number(often) >= 0 &&
          Number(often) <= limits.occasion[unit === 'week' ? 'timesPerWeek' : 'timesPerMonth'].maximum),
      {
        path: ['often'],
        message: say('tooOften', {
          week: limits.occasion.timesPerWeek.maximum,
          month: limits.occasion.timesPerMonth.maximum,
        }),
      },
    ),
  );

type Values = z.infer<typeof schema>;

const text = (value: number | null | undefined) =>
  value === null || value === undefined ? '' : String(value);
const number = (value: string) => (value === '' ? null : Number(value));
const levels = Array.from({ length: 7 }, (_, i) => [String(i + 1), String(i + 1)] as const);

interface Props {
  occasion: OccasionDocument;
  /** Its pointer in the brief, to find the effects of its limits. */
  pointer: string;
  /** The temperatures in its hours, where the climate is known. */
  felt?: FeltDocument;
  onSave: (occasion: OccasionDocument) => void;
}

/** Everything about one occasion, saved as it is changed; an invalid value is marked at its field and not saved. */
export function OccasionForm({ occasion, pointer, felt, onSave }: Props) {
  const form = useForm<Values>({
    resolver: zodResolver(schema),
    defaultValues: {
      name: occasion.name,
      formalityLow: occasion.formalityLow,
      formalityHigh: occasion.formalityHigh,
      often: text(occasion.timesPerMonth ?? occasion.timesPerWeek),
      unit: occasion.timesPerMonth !== null && occasion.timesPerMonth !== undefined ? 'month' : 'week',
      outdoorMinutes: text(occasion.outdoorMinutes),
      indoorC: text(occasion.indoorC),
      maxHeelCm: text(occasion.maxHeelCm),
      audience: occasion.audience ?? '',
      from: occasion.from ?? '',
      to: occasion.to ?? '',
    },
  });
  const errors = form.formState.errors;
  const watched = useWatch({ control: form.control });
  const save = form.handleSubmit((values) => {
    const often = number(values.often);
    onSave({
      ...occasion,
      name: values.name.trim(),
      formalityLow: values.formalityLow,
      formalityHigh: values.formalityHigh,
      timesPerWeek: values.unit === 'week' ? often : null,
      timesPerMonth: values.unit === 'month' ? often : null,
      outdoorMinutes: number(values.outdoorMinutes) ?? undefined,
      indoorC: number(values.indoorC) ?? undefined,
      maxHeelCm: number(values.maxHeelCm),
      audience: values.audience.trim() || null,
      from: values.from || null,
      to: values.to || null,
    });
  });
  const pick = <N extends 'formalityLow' | 'formalityHigh' | 'unit'>(
    name: N,
    value: PathValue<Values, N>,
  ) => {
    form.setValue(name, value, { shouldDirty: true });
    void save();
  };
  const put = (part: Partial<OccasionDocument>) => onSave({ ...occasion, ...part });
  const requires = (occasion.requires ?? []).filter((one): one is string => typeof one === 'string');
  const colours = (occasion.requires ?? []).filter((one) => typeof one !== 'string');
  const met = String(occasion.met ?? 1.2);
  const input = (name: keyof Values) => ({ ...form.register(name), onBlur: () => void save() });
  return (
    <form
      className="grid gap-x-4 gap-y-3 [&>*]:min-w-0 @md:grid-cols-2 @2xl:grid-cols-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <Field label={say('name')} error={errors.name?.message}>
        {(id) => <TextInput id={id} {...input('name')} />}
      </Field>
      <Field label={say('formality')} error={errors.formalityHigh?.message}>
        {(id) => (
          <span className="flex items-center gap-2">
            <Select
              id={id}
              value={String(watched.formalityLow)}
              options={levels}
              onChange={(value) => pick('formalityLow', Number(value))}
            />
            {say('formalityTo')}
            <Select
              label={`${say('formality')}, ${say('formalityTo')}`}
              value={String(watched.formalityHigh)}
              options={levels}
              onChange={(value) => pick('formalityHigh', Number(value))}
            />
          </span>
        )}
      </Field>
      <Field label={say('often')} error={errors.often?.message}>
        {(id) => (
          <span className="flex items-center gap-2">
            <TextInput id={id} className="max-w-20" inputMode="decimal" {...input('often')} />
            <Select
              label={say('often')}
              value={watched.unit ?? 'week'}
              options={[
                ['week', say('perWeek')],
                ['month', say('perMonth')],
              ]}
              onChange={(value) => pick('unit', value === 'month' ? 'month' : 'week')}
            />
          </span>
        )}
      </Field>
      <Field label={say('outdoors')} error={errors.outdoorMinutes?.message}>
        {(id) => <TextInput id={id} inputMode="numeric" {...input('outdoorMinutes')} />}
      </Field>
      <Field label={say('indoorC')} error={errors.indoorC?.message}>
        {(id) => <TextInput id={id} inputMode="decimal" {...input('indoorC')} />}
      </Field>
      <Field label={say('activity')}>
        {(id) => (
          <Select
            id={id}
            value={met}
            options={[
              ...activities.map(([value, what]) => [value, `${what} (${value} met)`] as const),
              ...(activities.some(([value]) => value === met) ? [] : [[met, `${met} met`] as const]),
            ]}
            onChange={(value) => put({ met: Number(value) })}
          />
        )}
      </Field>
      <Field label={say('timeOfDay')}>
        {(id) => (
          <Select
            id={id}
            value={occasion.timeOfDay ?? ''}
            options={[['', '–'], ...times.map((time) => [time, time] as const)]}
            onChange={(value) => put({ timeOfDay: value || null })}
          />
        )}
      </Field>
      <Field label={say('hours')} error={errors.to?.message}>
        {(id) => (
          <span className="flex items-center gap-2">
            <TextInput
              id={id}
              type="time"
              aria-label={say('hoursFrom')}
              {...form.register('from')}
              onBlur={() => {
                // With the end still to be typed there is nothing to save and nothing wrong yet.
                if (!watched.from === !watched.to) {
                  void save();
                }
              }}
            />
            –
            <TextInput type="time" aria-label={say('hoursTo')} {...input('to')} />
          </span>
        )}
      </Field>
      {felt && <Felt felt={felt} />}
      <Field label={say('setting')}>
        {(id) => (
          <Select
            id={id}
            value={occasion.setting ?? 'usual'}
            options={settings.map((setting) => [setting, setting] as const)}
            onChange={(value) => put({ setting: value })}
          />
        )}
      </Field>
      <Field label={say('audience')}>{(id) => <TextInput id={id} {...input('audience')} />}</Field>
      <div>
        <Field label={say('heel')} error={errors.maxHeelCm?.message}>
          {(id) => (
            <TextInput id={id} inputMode="decimal" placeholder={say('noLimit')} {...input('maxHeelCm')} />
          )}
        </Field>
        <Effect pointer={`${pointer}/maxHeelCm`} />
      </div>
      <div className="@md:col-span-2">
        <span className="block text-xs text-soft">
          {say('months')}
          {(occasion.months ?? []).length === 0 && ` · ${say('everyMonth')}`}
        </span>
        <Months label={say('months')} value={occasion.months ?? []} onChange={(months) => put({ months })} />
      </div>
      <fieldset className="col-span-full">
        <legend className="text-xs text-soft">{say('asks')}</legend>
        <div className="grid gap-x-4 @md:grid-cols-2 @2xl:grid-cols-3">
          {dressCodes.map((code) => (
            <div key={code}>
              <Tick
                label={words(code)}
                checked={requires.includes(code)}
                onChange={(on) =>
                  put({
                    requires: [
                      ...(on ? [...requires, code] : requires.filter((one) => one !== code)),
                      ...colours,
                    ],
                  })
                }
              />
              {requires.includes(code) && (
                <Effect pointer={`${pointer}/requires/${requires.indexOf(code)}`} />
              )}
            </div>
          ))}
        </div>
      </fieldset>
      <Tick label={say('work')} checked={occasion.work ?? false} onChange={(work) => put({ work })} />
    </form>
  );
}
