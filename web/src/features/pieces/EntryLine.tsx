import { words } from '../../language/format';
import { common } from '../../language/text';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Drawing } from '../../ui/Drawing';
import { Mark } from '../../ui/Mark';
import { useDraft } from './draft';
import { say } from './messages';
import { useEntryReading } from './queries';
import { useVocabulary } from '../desk';

/** One line of plain words becomes a piece: echoed as chips while it is typed, saved with Enter whatever it says. */
export function EntryLine({ clientId }: { clientId: string }) {
  const draft = useDraft(clientId);
  const { line, waiting, also } = draft;
  const reading = useEntryReading(line);
  const vocabulary = useVocabulary();
  const current = line.trim() === '' ? undefined : reading.data;
  const instead = (chip: { from: number; to: number }, word: string) =>
    draft.type(line.slice(0, chip.from) + word + line.slice(chip.to));
  const choices = (name: string, none: string) =>
    [
      ['', none] as const,
      ...(vocabulary.data?.words[name] ?? []).map((id) => [id, words(id)] as const),
    ] as const;

  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        draft.submit();
      }}
      className="border-b border-line bg-sheet px-5 pt-4 pb-3"
    >
      <div className="flex items-baseline gap-5 text-xs text-soft">
        <label htmlFor="entry-line">{common.pieces.entry}</label>
        <span className="ml-auto">{common.pieces.keptFromLast}</span>
        <Choice
          label={common.pieces.where}
          value={also.whereabouts ?? ''}
          options={choices('whereabouts', common.pieces.anywhere).filter(([id]) => id !== 'wardrobe')}
          onChange={(value) => draft.keep('whereabouts', value)}
        />
        <Choice
          label={common.pieces.from}
          value={also.source ?? ''}
          options={choices('source', common.pieces.unsaid)}
          onChange={(value) => draft.keep('source', value)}
        />
      </div>
      <input
        id="entry-line"
        value={line}
        onChange={(event) => draft.type(event.target.value)}
        placeholder={common.pieces.hint}
        autoComplete="off"
        maxLength={400}
        className="mt-1 w-full border-b-2 border-ink bg-transparent py-1.5 font-serif text-xl placeholder:text-soft/70"
      />
      <div className="mt-2 flex min-h-14 items-center gap-3" aria-live="polite">
        {current?.preview && (
          <Drawing src={current.preview.flat} name={current.preview.label} className="h-14 w-11" />
        )}
        <ul className="flex flex-wrap gap-1.5">
          {current?.chips.map((chip, i) =>
            chip.means ? (
              <li key={i} className="border border-line bg-paper px-1.5 py-0.5">
                <span className="text-xs text-soft">{words(chip.means)}</span> {chip.value}
                {chip.others.map((other) => (
                  <Button
                    key={other}
                    look="link"
                    className="ml-1.5 text-xs"
                    onClick={() => instead(chip, other)}
                  >
                    {common.pieces.orElse} {words(other.split(':')[0]!)}?
                  </Button>
                ))}
              </li>
            ) : (
              <li key={i} className="flex items-center gap-1.5 border border-daring bg-paper px-1.5 py-0.5">
                <Mark kind="daring" />
                {chip.text}
                {chip.readings.map((word) => (
                  <Button key={word} look="link" onClick={() => instead(chip, word)}>
                    {say('perhaps', { reading: word })}
                  </Button>
                ))}
                {chip.readings.length === 0 && (
                  <span className="text-xs text-soft">{common.pieces.notUnderstood}</span>
                )}
              </li>
            ),
          )}
        </ul>
        {current && !current.preview && <p className="text-soft">{common.pieces.needKind}</p>}
        {draft.refusal && (
          <p role="alert" className="text-no">
            {draft.refusal}
          </p>
        )}
      </div>
      {draft.refused.length > 0 && (
        <ul role="alert" className="mt-1 border-l-2 border-no pl-2 text-[13px]">
          {draft.refused.map((one) => (
            <li key={one.key}>
              {say('refused', { line: one.line, why: one.why })}{' '}
              <Button look="link" disabled={line !== ''} onClick={() => draft.edit(one)}>
                {say('editLine')}
              </Button>{' '}
              <Button
                look="link"
                aria-label={say('dropLine', { line: one.line })}
                onClick={() => draft.drop(one.key)}
              >
                ×
              </Button>
            </li>
          ))}
        </ul>
      )}
      {draft.isAway && (
        <div role="alert" className="mt-1 border-l-2 border-no pl-2 text-[13px]">
          <p>
            {say('waiting', { n: waiting.length })}{' '}
            <Button look="link" onClick={() => void draft.sendAll()}>
              {say('trySending')}
            </Button>
          </p>
          <ul className="flex flex-wrap gap-x-4">
            {waiting.map(({ key, line: sent }) => (
              <li key={key}>
                {sent}{' '}
                <Button
                  look="link"
                  aria-label={say('dropLine', { line: sent })}
                  onClick={() => draft.drop(key)}
                >
                  ×
                </Button>
              </li>
            ))}
          </ul>
        </div>
      )}
    </form>
  );
}
