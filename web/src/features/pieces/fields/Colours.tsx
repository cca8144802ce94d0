import { common } from '../../../language/text';
import { Button } from '../../../ui/Button';
import { ColourPicker, useVocabulary } from '../../desk';
import { say } from '../messages';

export type Share = string | { hex: string; share: number };

function hexOf(colour: Share): string {
  return typeof colour === 'string' ? colour : colour.hex;
}

/** One to five colours, each by name, swatch or hex value. */
export function Colours({ value, onChange }: { value: Share[]; onChange: (value: unknown) => void }) {
  const named = Object.entries(useVocabulary().data?.colours ?? {});
  const hexes = value.map(hexOf);
  return (
    <div className="flex flex-wrap items-center gap-3 border-b border-line py-1">
      {hexes.map((hex, i) => (
        <span key={i} className="flex items-center gap-1">
          <ColourPicker
            label={say('colourAt', { n: i + 1 })}
            className="flex min-h-7 items-center gap-1.5"
            onPick={(chosen) => onChange(hexes.map((h, j) => (j === i ? chosen : h)))}
          >
            <span className="h-7 w-9 border border-line" style={{ background: hex }} />
            {named.find(([, one]) => one === hex)?.[0] ?? hex}
          </ColourPicker>
          {hexes.length > 1 && (
            <Button
              look="link"
              aria-label={say('takeAwayColour', { n: i + 1 })}
              onClick={() => onChange(hexes.filter((_, j) => j !== i))}
            >
              ×
            </Button>
          )}
        </span>
      ))}
      {hexes.length < 5 && (
        <ColourPicker
          label={say('addColour')}
          className="font-medium text-chalk"
          onPick={(hex) => onChange([...hexes, hex])}
        >
          {common.pieces.addColour}
        </ColourPicker>
      )}
    </div>
  );
}
