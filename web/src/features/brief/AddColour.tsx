import { Popover } from 'radix-ui';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { TextInput } from '../../ui/Field';
import { useVocabulary } from '../pieces/queries';
import { say } from './messages';

interface Props {
  /** What the colour is chosen for. */
  role: string;
  /** Colours of the wardrobe, as #rrggbb. */
  worn: string[];
  onAdd: (hex: string) => void;
}

/** A colour by its name, its hex value, a swatch, or from the wardrobe. */
export function AddColour({ role, worn, onAdd }: Props) {
  const named = Object.entries(useVocabulary().data?.colours ?? {});
  const [typed, setTyped] = useState('');
  const sought = typed.trim().toLowerCase();
  const hex = /^#[0-9a-f]{6}$/.test(sought) ? sought : named.find(([name]) => name === sought)?.[1];
  return (
    <Popover.Root>
      <Popover.Trigger className="min-h-8 border border-dashed border-soft px-2 py-1 text-ink">
        {say('addColour')}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={4}
          collisionPadding={12}
          className="z-30 w-80 border border-line bg-rail p-3 shadow-md"
        >
          <form
            className="flex gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              if (hex) {
                onAdd(hex);
                setTyped('');
              }
            }}
          >
            <TextInput
              aria-label={`${role}: ${say('colourTyped')}`}
              placeholder={say('colourTyped')}
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
            />
            <Button type="submit" disabled={!hex}>
              {say('addColour')}
            </Button>
          </form>
          <SwatchList
            title={say('fromWardrobe')}
            colours={worn.map((one) => [one, one] as const)}
            onAdd={onAdd}
          />
          <SwatchList
            title={say('named')}
            colours={named.filter(([name]) => hex || name.includes(sought))}
            onAdd={onAdd}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

interface ListProps {
  title: string;
  colours: (readonly [name: string, hex: string])[];
  onAdd: (hex: string) => void;
}

function SwatchList({ title, colours, onAdd }: ListProps) {
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
              onClick={() => onAdd(hex)}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
