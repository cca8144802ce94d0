import { Collapsible, Popover, Slider } from 'radix-ui';
import { useState } from 'react';
import { familyNames } from '../../language/format';
import { Button } from '../../ui/Button';
import { TextInput } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { Several } from '../../ui/Several';
import { Tick } from '../../ui/Tick';
import { usePlaces } from '../brief';
import { PieceChoice, useDesk } from '../desk';
import { Amount, largestSize, number } from './Amount';
import { functionWishes, say, schools, wishWords } from './messages';
import type { Range, SavedCapsule, Wishes } from './queries';

const counted = ['top', 'bottom', 'one-piece', 'drape', 'mid-layer', 'jacket', 'coat', 'shoes'];

interface Props {
  wishes: Wishes;
  saved: SavedCapsule[];
  /** What the button says. */
  action: string;
  busy: boolean;
  onWish: (change: Partial<Wishes>) => void;
  onPlan: () => void;
}

/** The wishes for a capsule: the common ones first, the others on demand. */
export function WishesForm({ wishes, saved, action, busy, onWish, onPlan }: Props) {
  const { client } = useDesk();
  const [open, setOpen] = useState(false);
  const seasons = client.seasons.filter((season) => season.id !== 'year').map((season) => season.id);
  const occasions = client.occasions.map((occasion) => occasion.name ?? '');
  const [min, max] =
    typeof wishes.size === 'number' ? [wishes.size, undefined] : [wishes.size.min, wishes.size.max];
  const size = (least: number, most?: number) =>
    onWish({ size: most === undefined || most <= least ? least : { min: least, max: most } });
  return (
    <Collapsible.Root open={open} onOpenChange={setOpen} asChild>
      <form
        className="mb-4 border-b border-line pb-3"
        onSubmit={(event) => {
          event.preventDefault();
          onPlan();
        }}
      >
        <div className="flex flex-wrap items-end gap-x-5 gap-y-3">
          <Several
            label={say('seasons')}
            options={seasons}
            value={wishes.seasons}
            onChange={(chosen) => onWish({ seasons: chosen })}
          />
          <Several
            label={say('occasions')}
            options={occasions}
            value={wishes.occasions.length > 0 ? wishes.occasions : occasions}
            onChange={(chosen) => onWish({ occasions: chosen.length === occasions.length ? [] : chosen })}
          />
          <div className="flex items-end gap-2">
            <Amount label={say('size')} value={min} least={1} onChange={(value) => size(value ?? 1, max)} />
            <Amount
              label={say('sizeTo')}
              value={max}
              least={1}
              placeholder="—"
              onChange={(value) => size(min, value)}
            />
          </div>
          <Button
            id="plan-capsule"
            look="ink"
            type="submit"
            disabled={busy || (wishes.seasons.length === 0 && seasons.length > 0)}
          >
            {action}
          </Button>
          <Collapsible.Trigger className="min-h-8 font-medium text-chalk underline-offset-2 hover:underline">
            {say(open ? 'fewer' : 'more')}
          </Collapsible.Trigger>
        </div>
        <Collapsible.Content>
          <More wishes={wishes} saved={saved} onWish={onWish} />
        </Collapsible.Content>
      </form>
    </Collapsible.Root>
  );
}

function More({ wishes, saved, onWish }: Pick<Props, 'wishes' | 'saved' | 'onWish'>) {
  const { pieces } = useDesk();
  const places = usePlaces();
  const tags = [
    ...new Set(pieces.flatMap((piece) => (piece.resolved.tags as string[] | undefined) ?? [])),
  ].sort();
  const from = !wishes.from
    ? ''
    : 'tag' in wishes.from
      ? `tag ${wishes.from.tag}`
      : `capsule ${wishes.from.capsule}`;
  const families = wishes.families ?? {};
  const range = (family: string, change: Range) => {
    const next = { ...families[family], ...change };
    const rest = Object.fromEntries(Object.entries(families).filter(([name]) => name !== family));
    const asks = next.min !== undefined || next.max !== undefined;
    onWish({ families: asks ? { ...rest, [family]: next } : rest });
  };
  const off = wishes.without ?? [];
  const setSchool = (question: string, school: string) => {
    const rest = Object.fromEntries(
      Object.entries(wishes.schools ?? {}).filter(([other]) => other !== question),
    );
    onWish({ schools: school ? { ...rest, [question]: school } : rest });
  };
  return (
    <div className="mt-2 flex flex-col gap-4">
      <div className="flex flex-wrap items-end gap-x-5 gap-y-3">
        <div>
          <p className="text-xs text-soft">{say('place')}</p>
          <Select
            label={say('place')}
            value={wishes.place ?? ''}
            options={[
              ['', say('placeHome')],
              ...(places.data ?? []).map((place) => [place.name ?? '', place.name ?? ''] as const),
            ]}
            onChange={(place) => onWish({ place: place || undefined })}
          />
        </div>
        <div>
          <p className="text-xs text-soft">{say('from')}</p>
          <Select
            label={say('from')}
            value={from}
            options={[
              ['', say('fromAll')],
              ...tags.map((tag) => [`tag ${tag}`, say('fromTag', { tag })] as const),
              ...saved.map((one) => [`capsule ${one.id}`, say('fromCapsule', { name: one.name })] as const),
            ]}
            onChange={(value) =>
              onWish({
                from:
                  value === ''
                    ? undefined
                    : value.startsWith('tag ')
                      ? { tag: value.slice(4) }
                      : { capsule: value.slice(8) },
              })
            }
          />
        </div>
        <Pieces
          label={say('must')}
          chosen={wishes.must}
          onChange={(must) => onWish({ must, never: wishes.never.filter((id) => !must.includes(id)) })}
        />
        <Pieces
          label={say('never')}
          chosen={wishes.never}
          onChange={(never) => onWish({ never, must: wishes.must.filter((id) => !never.includes(id)) })}
        />
        <Amount
          label={say('dryClean')}
          value={wishes.dryCleanMax}
          placeholder={say('any')}
          onChange={(dryCleanMax) => onWish({ dryCleanMax })}
        />
        <Amount
          label={say('bases')}
          value={wishes.palette?.bases}
          placeholder={say('any')}
          onChange={(bases) => onWish({ palette: { ...wishes.palette, bases } })}
        />
        <Amount
          label={say('accents')}
          value={wishes.palette?.accents}
          placeholder={say('any')}
          onChange={(accents) => onWish({ palette: { ...wishes.palette, accents } })}
        />
      </div>
      <div className="flex flex-wrap items-end gap-x-5 gap-y-3">
        {Object.entries(schools).map(([question, { words, answers }]) => (
          <div key={question}>
            <p className="text-xs text-soft">{words}</p>
            <Select
              label={words}
              value={wishes.schools?.[question] ?? ''}
              options={[['', say('asTheRules')], ...Object.entries(answers)]}
              onChange={(school) => setSchool(question, school)}
            />
          </div>
        ))}
      </div>
      <div className="flex flex-wrap items-end gap-x-5 gap-y-3">
        <Tick
          label={say('breakSets')}
          checked={wishes.breakSets}
          onChange={(breakSets) => onWish({ breakSets })}
        />
        <Variety
          value={wishes.varietyCostFraction}
          onChange={(varietyCostFraction) => onWish({ varietyCostFraction })}
        />
      </div>
      <fieldset>
        <legend className="text-xs text-soft">{say('families')}</legend>
        <div className="mt-1 flex flex-wrap gap-x-5 gap-y-2">
          {counted.map((family) => (
            <span key={family} className="flex items-center gap-1">
              <span className="min-w-16">{familyNames[family]}</span>
              {(['min', 'max'] as const).map((end) => (
                <TextInput
                  key={end}
                  type="number"
                  min={0}
                  max={largestSize}
                  aria-label={say(end === 'min' ? 'atLeast' : 'atMost', {
                    family: familyNames[family] ?? family,
                  })}
                  placeholder={end === 'min' ? '0' : say('any')}
                  className="w-14"
                  value={families[family]?.[end] ?? ''}
                  onChange={(event) => range(family, { [end]: number(event.target.value, 0) })}
                />
              ))}
            </span>
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend className="text-xs text-soft">{say('wishes')}</legend>
        <div className="flex flex-wrap gap-x-6">
          {functionWishes.map((wish) => (
            <Tick
              key={wish}
              label={wishWords(wish)}
              checked={!off.includes(wish)}
              onChange={(on) => onWish({ without: on ? off.filter((one) => one !== wish) : [...off, wish] })}
            />
          ))}
        </div>
      </fieldset>
    </div>
  );
}

interface PiecesProps {
  label: string;
  chosen: string[];
  onChange: (chosen: string[]) => void;
}

function Pieces({ label, chosen, onChange }: PiecesProps) {
  return (
    <div>
      <p className="text-xs text-soft">{label}</p>
      <Popover.Root>
        <Popover.Trigger
          aria-label={`${label}: ${say('choose', { n: chosen.length })}`}
          className="min-h-8 border border-line bg-paper px-2 py-1"
        >
          {say('choose', { n: chosen.length })}
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            sideOffset={4}
            collisionPadding={12}
            className="z-30 w-80 border border-line bg-sheet p-3 shadow-md"
          >
            <PieceChoice legend={label} chosen={chosen} onChoose={onChange} />
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </div>
  );
}

function Variety({ value, onChange }: { value: number; onChange: (value: number) => void }) {
  return (
    <div className="w-64">
      <span className="block text-xs text-soft">
        {say('variety')} {say('percent', { n: Math.round(100 * value) })}
      </span>
      <Slider.Root
        min={0}
        max={40}
        step={5}
        value={[Math.round(100 * value)]}
        onValueChange={([next = 0]) => onChange(next / 100)}
        className="relative flex h-6 w-full items-center"
      >
        <Slider.Track className="relative h-0.5 grow bg-line">
          <Slider.Range className="absolute h-full bg-ink" />
        </Slider.Track>
        <Slider.Thumb aria-label={say('variety')} className="block h-5 w-2.5 border border-ink bg-sheet" />
      </Slider.Root>
    </div>
  );
}
