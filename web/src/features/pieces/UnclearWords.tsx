import type { PieceView } from '../../api/client';
import { Button } from '../../ui/Button';
import { ColourPicker } from '../desk';
import { KindPicker } from './KindPicker';
import { say } from './messages';
import { useExplain } from './queries';

const chip = 'inline-flex min-h-6 items-center gap-1.5 border border-daring bg-paper px-1.5 text-xs';

/**
 * Words of a piece's entry line that are not understood yet, each with its likeliest meanings; nothing when there are
 * none.
 */
export function UnclearWords({ clientId, piece }: { clientId: string; piece: PieceView }) {
  const explain = useExplain(clientId);
  const means = (word: string, as: string | null) => explain.mutate({ piece, word, as });
  if (piece.unclear.length === 0) {
    return null;
  }
  return (
    <span
      role="group"
      aria-label={say('unclear', { piece: piece.label })}
      data-testid="unclear"
      className="flex flex-wrap gap-1"
    >
      {piece.unclear.map(({ word, readings }) =>
        word === 'colour' ? (
          <ColourPicker
            key={word}
            label={say('askColourOf', { piece: piece.label })}
            className={`${chip} text-chalk`}
            onPick={(hex) => means(word, hex)}
          >
            {say('askColour')}
          </ColourPicker>
        ) : word === 'kind' ? (
          <KindPicker
            key={word}
            label={say('askKindOf', { piece: piece.label })}
            className={`${chip} text-chalk`}
            onPick={(kind) => means(word, kind.name)}
          >
            {say('askKind')}
          </KindPicker>
        ) : (
          <span key={word} className={chip}>
            {say('word', { word })}
            {readings.map((reading) => (
              <Button
                key={reading}
                look="link"
                aria-label={say('meansWord', { piece: piece.label, word, reading })}
                onClick={() => means(word, reading)}
              >
                {reading}
              </Button>
            ))}
            <Button
              look="link"
              aria-label={say('leaveNoteOf', { word, piece: piece.label })}
              onClick={() => means(word, null)}
            >
              {say('leaveNote')}
            </Button>
          </span>
        ),
      )}
    </span>
  );
}
