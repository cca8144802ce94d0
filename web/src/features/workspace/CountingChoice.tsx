import { Popover } from 'radix-ui';
import { useState } from 'react';
import type { PieceView } from '../../api/client';
import { common } from '../../language/text';
import { Choice } from '../../ui/Choice';
import { say } from './messages';
import { countedSlots, countingOf, isPreset } from '../desk';
import { Tick } from '../../ui/Tick';

const own = 'own';

interface Props {
  value: string;
  pieces: PieceView[];
  onChange: (counting: string) => void;
}

/** What tells two outfits apart: the slots of a preset, or any others. */
export function CountingChoice({ value, pieces, onChange }: Props) {
  const [open, setOpen] = useState(false);
  const counted = countedSlots(value);
  const filled = new Set<string>(pieces.flatMap((piece) => piece.roles ?? []));
  const offered = Object.entries(common.counts.slots).filter(
    ([slot]) =>
      countedSlots('looks').includes(slot) &&
      (filled.has(slot) || (!isPreset(value) && counted.includes(slot))),
  );

  function choose(counting: string) {
    if (counting === own) {
      const there = counted.filter((slot) => filled.has(slot));
      onChange(countingOf(there.length ? there : counted));
      setOpen(true);
    } else {
      onChange(counting);
    }
  }

  return (
    <span className="flex items-baseline gap-2">
      <Choice
        label={common.context.counting}
        value={isPreset(value) ? value : own}
        options={[...Object.entries(common.context.presets), [own, common.context.ownSlots]]}
        onChange={choose}
      />
      {!isPreset(value) && (
        <Popover.Root open={open} onOpenChange={setOpen}>
          <Popover.Trigger className="min-h-6 border-b border-dotted border-ink font-medium tabular-nums">
            {say('places', { n: counted.length })}
          </Popover.Trigger>
          <Popover.Portal>
            <Popover.Content
              align="start"
              sideOffset={6}
              aria-label={common.context.ownSlots}
              className="z-20 w-72 border border-ink bg-sheet p-4"
            >
              <ul className="grid grid-cols-2 gap-x-4">
                {offered.map(([slot, words]) => (
                  <li key={slot}>
                    <Tick
                      label={words}
                      checked={counted.includes(slot)}
                      disabled={counted.length === 1 && counted.includes(slot)}
                      onChange={(on) =>
                        onChange(countingOf(on ? [...counted, slot] : counted.filter((s) => s !== slot)))
                      }
                    />
                  </li>
                ))}
              </ul>
              <p className="mt-3 text-xs text-soft">{common.context.notCounted}</p>
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
      )}
    </span>
  );
}
