import { Popover } from 'radix-ui';
import { type ReactNode, useState } from 'react';
import { Button } from '../../ui/Button';
import { TextInput } from '../../ui/Field';
import { useVocabulary } from './queries';
import { say } from './messages';

interface Props {
  /** What the colour is chosen for, as a screen reader says it. */
  label: string;
  /** The label of the trigger: words, or the colour itself. */
  children: ReactNode;
  /** Colours of the wardrobe, as #rrggbb. */
  worn?: string[];
  /** Whether one after the other is chosen until it is closed. */
  many?: boolean;
  className?: string;
  onPick: (hex: string) => void;
}

const hexForm = /^#[0-9a-f]{6}$/;

/** A colour by its name, its hex value, a swatch, from the wardrobe, or freely. */
export function ColourPicker({
  label,
  children,
  worn = [],
  many = false,
  className = 'min-h-8 border border-dashed border-soft px-2 py-1 text-ink',
  onPick,
}: Props) {
  const named = Object.entries(useVocabulary().data?.colours ?? {});
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState('');
  const sought = typed.trim().toLowerCase();
  const hex = hexForm.test(sought) ? sought : named.find(([name]) => name === sought)?.[1];
  const fits = hex ? named : named.filter(([name]) => name.includes(sought));
  const pick = (chosen: string) => {
    onPick(chosen);
    setTyped('');
    setOpen(many);
  };
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger aria-label={label} className={className}>
        {children}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={4}
          collisionPadding={12}
          aria-label={label}
          className="z-30 w-80 border border-line bg-rail p-3 shadow-md"
        >
          <form
            className="flex gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              event.stopPropagation();
              const only = hex ?? (fits.length === 1 ? fits[0]![1] : undefined);
              if (only) {
                pick(only);
              }
            }}
          >
            <TextInput
              aria-label={`${label}: ${say('colourTyped')}`}
              placeholder={say('colourTyped')}
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
            />
            <input
              type="color"
              aria-label={`${label}: ${say('colourFree')}`}
              value={hex ?? '#888888'}
              onChange={(event) => setTyped(event.target.value)}
              className="h-8 w-10 shrink-0 border border-line bg-sheet"
            />
            <Button type="submit" disabled={!hex && fits.length !== 1}>
              {say('useColour')}
            </Button>
          </form>
          {worn.length > 0 && (
            <SwatchList
              title={say('fromWardrobe')}
              colours={worn.map((one) => [one, one] as const)}
              onPick={pick}
            />
          )}
          {fits.length > 0 ? (
            <SwatchList title={say('named')} colours={fits} onPick={pick} />
          ) : (
            <p className="mt-2 text-soft">{say('noColour', { typed })}</p>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

interface ListProps {
  title: string;
  colours: (readonly [name: string, hex: string])[];
  onPick: (hex: string) => void;
}

function SwatchList({ title, colours, onPick }: ListProps) {
  return (
    <section className="mt-2">
      <h4 className="text-xs text-ink">{title}</h4>
      <ul className="mt-1 flex max-h-36 flex-wrap gap-1 overflow-y-auto">
        {colours.map(([name, hex]) => (
          <li key={name}>
            <button
              type="button"
              aria-label={name}
              title={name}
              className="h-7 w-7 border border-line"
              style={{ background: hex }}
              onClick={() => onPick(hex)}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
