import { Collapsible } from 'radix-ui';
import { useState } from 'react';
import { dateOf, monthName } from '../../language/format';
import { sentence } from '../../api/problem';
import { Button } from '../../ui/Button';
import { Field, TextArea, TextInput } from '../../ui/Field';
import { Months } from '../../ui/Months';
import { Select } from '../../ui/Select';
import { useRules } from '../rules';
import { ClimateChart } from './ClimateChart';
import { say } from './messages';
import { usePlaces, useReadClimate, type Brief, type BriefSaver } from './queries';
import { useForecast } from '../desk';

interface Props {
  clientId: string;
  brief: Brief;
  saver: BriefSaver;
}

/** From which temperatures on the rule about cloth and weather speaks of another part of the year, in °C, the hottest first. */
function useSeasonBands(clientId: string) {
  const rule = useRules(clientId).data?.find((one) => one.id === 'season.weather');
  return (rule?.parameters ?? [])
    .filter((parameter) => parameter.unit === '°C' && parameter.name.endsWith('-from'))
    .map((parameter) => parameter.client ?? parameter.studio)
    .sort((a, b) => b - a);
}

/** Where the client lives: the climate, and the seasons they live in. */
export function PlaceSection({ clientId, brief, saver }: Props) {
  const places = usePlaces().data ?? [];
  const forecast = useForecast(clientId).data ?? [];
  const bands = useSeasonBands(clientId);
  const { place = '', climate } = brief.brief;
  const choose = (name: string) => {
    const chosen = places.find((one) => one.name === name);
    if (chosen) {
      saver.save({ place: chosen.name, climate: chosen.months });
    }
  };
  return (
    <div className="flex flex-col gap-4">
      <div className="grid gap-4 @md:grid-cols-2">
        <Field label={say('placeName')}>
          {(id) => (
            <TextInput
              key={place}
              id={id}
              defaultValue={place}
              maxLength={80}
              onBlur={(event) => event.target.value !== place && saver.save({ place: event.target.value })}
            />
          )}
        </Field>
        <Field label={say('choosePlace')}>
          {(id) => (
            <Select
              id={id}
              value={places.some((one) => one.name === place) ? place : ''}
              options={[
                ['', '–'],
                ...places.map((one) => [one.name ?? '', `${one.name}, ${one.type}`] as const),
              ]}
              onChange={choose}
            />
          )}
        </Field>
      </div>
      {climate.length > 0 ? (
        <ClimateChart climate={climate} seasons={brief.seasons} bands={bands} />
      ) : (
        <p className="text-soft">{say('noClimateYet')}</p>
      )}
      <PasteClimate onUse={(months) => saver.save({ climate: months })} />
      <SeasonsEditor brief={brief} saver={saver} />
      <div className="grid @md:grid-cols-2">
        <Field label={say('coats')}>
          {(id) => (
            <Select
              id={id}
              value={brief.brief.coats ?? 'assumed'}
              options={[
                ['assumed', say('coatsAssumed')],
                ['recorded', say('coatsRecorded')],
              ]}
              onChange={(value) => saver.save({ coats: value })}
            />
          )}
        </Field>
      </div>
      {forecast.length > 0 && (
        <div>
          <h3 className="text-xs text-soft">{say('forecast')}</h3>
          <ul className="flex flex-wrap gap-4">
            {forecast.map((day) => (
              <li key={day.date} className="text-xs">
                <span className="block text-soft">
                  {dateOf(day.date).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric' })}
                </span>
                {say('forecastDay', { low: day.lowC, high: day.highC })}
                <span className="block text-soft">{(day.rainChance ?? 0) > 0.5 ? 'rain' : 'dry'}</span>
              </li>
            ))}
          </ul>
        </div>
      )}
    </div>
  );
}

function PasteClimate({ onUse }: { onUse: (months: unknown) => void }) {
  const [text, setText] = useState('');
  const read = useReadClimate();
  return (
    <Collapsible.Root>
      <Collapsible.Trigger className="font-medium text-chalk">{say('pasteClimate')}</Collapsible.Trigger>
      <Collapsible.Content>
        <Field
          label={say('pasteHint')}
          error={read.error ? sentence(read.error) : undefined}
          className="mt-2 max-w-md"
        >
          {(id) => (
            <TextArea
              id={id}
              rows={6}
              value={text}
              placeholder={'January 1 6 84 5 18\nFebruary 1 7 82 5 15 …'}
              onChange={(event) => setText(event.target.value)}
            />
          )}
        </Field>
        <div className="mt-1 flex flex-wrap items-center gap-3">
          <Button
            disabled={!text.trim() || read.isPending}
            onClick={() => read.mutate(text, { onSuccess: (months) => onUse(months) })}
          >
            {say('useClimate')}
          </Button>
          <label className="cursor-pointer font-medium text-chalk focus-within:outline-2 focus-within:outline-chalk">
            {say('climateFile')}
            <input
              type="file"
              accept=".csv,.txt,text/csv,text/plain"
              className="sr-only"
              onChange={(event) => {
                const file = event.target.files?.[0];
                event.target.value = '';
                void file?.text().then((lines) => {
                  setText(lines);
                  read.mutate(lines, { onSuccess: (months) => onUse(months) });
                });
              }}
            />
          </label>
        </div>
      </Collapsible.Content>
    </Collapsible.Root>
  );
}

function SeasonsEditor({ brief, saver }: { brief: Brief; saver: BriefSaver }) {
  const seasons = brief.seasons.map(({ name, months }) => ({ name, months }));
  const keep = (next: { name: string; months: number[] }[]) => saver.save({ seasons: next });
  const change = (i: number, part: Partial<{ name: string; months: number[] }>) =>
    keep(seasons.map((season, at) => (at === i ? { ...season, ...part } : season)));
  const taken = new Set(seasons.flatMap((season) => season.months));
  const free = Array.from({ length: 12 }, (_, i) => i + 1).filter((month) => !taken.has(month));
  const names = new Set(seasons.map((season) => season.name));
  const freeName = [3, 4, 5, 6, 7, 8].map((n) => `season ${n}`).find((name) => !names.has(name));
  return (
    <div>
      <h3 className="text-xs text-soft">
        {say('seasons')} · {say(brief.usualSeasons ? 'seasonsUsual' : 'seasonsOwn')}{' '}
        {!brief.usualSeasons && (
          <Button look="link" className="text-xs" onClick={() => saver.save({ seasons: null })}>
            {say('seasonsBack')}
          </Button>
        )}
      </h3>
      <ul>
        {seasons.map((season, i) => (
          <li key={`${season.name} ${i}`} className="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1">
            <TextInput
              aria-label={say('seasonName')}
              className="max-w-40"
              defaultValue={season.name}
              onBlur={(event) =>
                event.target.value.trim() &&
                event.target.value !== season.name &&
                change(i, { name: event.target.value.trim() })
              }
            />
            <Months
              label={`${say('monthsOf')}, ${season.name}`}
              value={season.months}
              onChange={(months) => {
                const given = new Set(months);
                keep(
                  seasons
                    .map((other, at) =>
                      at === i
                        ? { ...other, months }
                        : { ...other, months: other.months.filter((month) => !given.has(month)) },
                    )
                    .filter((other) => other.months.length > 0),
                );
              }}
            />
            {seasons.length > 2 && (
              <Button
                look="link"
                aria-label={`${say('remove')} ${season.name}`}
                onClick={() => keep(seasons.filter((_, at) => at !== i))}
              >
                ×
              </Button>
            )}
          </li>
        ))}
      </ul>
      {seasons.length < 6 && free.length > 0 && (
        <Button
          look="link"
          className="mt-1"
          onClick={() => keep([...seasons, { name: freeName ?? '', months: free }])}
        >
          {say('addSeason')} ({free.map((month) => monthName(month).slice(0, 3)).join(', ')})
        </Button>
      )}
    </div>
  );
}
