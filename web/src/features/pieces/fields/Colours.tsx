import { text } from '../../../app/messages';
import { Button } from '../../../ui/Button';
import { Typed } from './Typed';

export type Share = string | { hex: string; share: number };

function hexOf(colour: Share): string {
  return typeof colour === 'string' ? colour : colour.hex;
}

/** One to five colours, each by picker or hex value. */
export function Colours({ value, onChange }: { value: Share[]; onChange: (value: unknown) => void }) {
  const hexes = value.map(hexOf);
  return (
    <div className="flex flex-wrap items-center gap-3 border-b border-line py-1">
      {hexes.map((hex, i) => (
        <span key={i} className="flex items-center gap-1">
          <input
            id={i === 0 ? 'colours' : undefined}
            aria-label={`${text.pieces.colour} ${i + 1}`}
            type="color"
            value={hex}
            onChange={(event) => onChange(hexes.map((h, j) => (j === i ? event.target.value : h)))}
            className="h-7 w-9 border border-line"
          />
          <Typed
            id={`hex-${i}`}
            label={`${text.pieces.colour} ${i + 1} hex`}
            type="text"
            maxLength={7}
            className="w-20 bg-transparent"
            value={hex}
            onDone={(typed) => onChange(hexes.map((h, j) => (j === i ? typed.trim() : h)))}
          />
          {hexes.length > 1 && (
            <Button
              look="link"
              aria-label={`${text.pieces.without} ${text.pieces.colour} ${i + 1}`}
              onClick={() => onChange(hexes.filter((_, j) => j !== i))}
            >
              ×
            </Button>
          )}
        </span>
      ))}
      {hexes.length < 5 && (
        <Button look="link" onClick={() => onChange([...hexes, '#888888'])}>
          {text.pieces.addColour}
        </Button>
      )}
    </div>
  );
}
