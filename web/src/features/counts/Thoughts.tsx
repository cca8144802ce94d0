import { useState, type FormEvent, type ReactNode } from 'react';
import { useParams } from 'react-router';
import { sentence } from '../../api/problem';
import { figure, words } from '../../language/format';
import { common } from '../../language/text';
import { text } from './text';
import { Button } from '../../ui/Button';
import { Disclosure } from '../../ui/Disclosure';
import { Choice } from '../../ui/Choice';
import { useEntryReading, useReadEntry } from '../pieces';
import {
  ColourPicker,
  PieceChoice,
  PieceFinder,
  seasonOptions,
  useChosen,
  useDesk,
  useVocabulary,
} from '../desk';
import { useRules } from '../rules';
import { isNothing, nothing, type Thought } from './thought';

interface Props {
  thought: Thought;
  onChange: (change: Partial<Thought>) => void;
}

/** Where a thought is put together: pieces out, in and altered, different rules, another context. */
export function Thoughts({ thought, onChange }: Props) {
  return (
    <div className="flex flex-col gap-5">
      <Without thought={thought} onChange={onChange} />
      <With thought={thought} onChange={onChange} />
      <Altered thought={thought} onChange={onChange} />
      <Rules thought={thought} onChange={onChange} />
      <Elsewhere thought={thought} onChange={onChange} />
      {!isNothing(thought) && (
        <Button className="self-start" onClick={() => onChange(nothing)}>
          {text.whatIf.putBack}
        </Button>
      )}
    </div>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section>
      <h2 className="mb-1.5 font-serif text-[15px] font-semibold">{title}</h2>
      {children}
    </section>
  );
}

/** The hypothetical changes, each with a button to remove it. */
function Taken({ items, onTakeBack }: { items: string[]; onTakeBack: (index: number) => void }) {
  return (
    <ul className="mb-1.5 flex flex-col">
      {items.map((item, i) => (
        <li key={item + i} className="flex min-h-6 items-center justify-between gap-2 border-b border-hair">
          <span>{item}</span>
          <Button look="link" aria-label={`${text.whatIf.putBack}: ${item}`} onClick={() => onTakeBack(i)}>
            ×
          </Button>
        </li>
      ))}
    </ul>
  );
}

function Without({ thought, onChange }: Props) {
  const { byId, selection, select } = useDesk();
  return (
    <Part title={text.whatIf.without}>
      <Taken
        items={thought.without.map((id) => byId.get(id)?.label ?? id)}
        onTakeBack={(index) => onChange({ without: thought.without.filter((_, i) => i !== index) })}
      />
      {selection.size > 0 && (
        <Button
          className="mb-1.5"
          onClick={() => {
            onChange({ without: [...new Set([...thought.without, ...selection])] });
            select(new Set());
          }}
        >
          {text.whatIf.takeOut} {figure(selection.size)} {text.whatIf.chosenOnRail}
        </Button>
      )}
      <Disclosure title={text.whatIf.choose}>
        <PieceChoice
          legend={text.whatIf.without}
          chosen={thought.without}
          onChoose={(without) => onChange({ without })}
        />
      </Disclosure>
    </Part>
  );
}

function With({ thought, onChange }: Props) {
  const [line, setLine] = useState('');
  const [problem, setProblem] = useState('');
  const reading = useEntryReading(line);
  const preview = line.trim() ? reading.data?.preview : undefined;
  const read = useReadEntry();
  /** Enter may come before what was typed has been read. */
  async function add(event: FormEvent) {
    event.preventDefault();
    try {
      if (line.trim() && (await read(line)).preview) {
        onChange({ lines: [...thought.lines, line.trim()] });
        setLine('');
      }
    } catch (error) {
      setProblem(sentence(error));
    }
  }
  return (
    <Part title={text.whatIf.with}>
      <Taken
        items={thought.lines}
        onTakeBack={(index) => onChange({ lines: thought.lines.filter((_, i) => i !== index) })}
      />
      <form onSubmit={(event) => void add(event)} className="flex items-center gap-2">
        <input
          aria-label={text.whatIf.line}
          placeholder={text.whatIf.lineHint}
          value={line}
          maxLength={400}
          onChange={(event) => {
            setLine(event.target.value);
            setProblem('');
          }}
          className="min-w-0 grow border border-line bg-paper px-2 py-1 placeholder:text-soft"
        />
        <Button type="submit" disabled={!line.trim()}>
          {text.whatIf.add}
        </Button>
      </form>
      {problem && (
        <p role="alert" className="text-xs text-no">
          {problem}
        </p>
      )}
      <p className="min-h-5 text-xs text-soft">
        {preview?.label ?? (line.trim() && reading.isSuccess ? text.whatIf.needKind : '')}
      </p>
    </Part>
  );
}

function Altered({ thought, onChange }: Props) {
  const { byId } = useDesk();
  const vocabulary = useVocabulary();
  const [id, setId] = useState('');
  const [attribute, setAttribute] = useState('hem');
  const [value, setValue] = useState('');
  const values =
    (vocabulary.data as { words?: Record<string, string[]> } | undefined)?.words?.[attribute] ?? [];
  const dyes = attribute === 'colours';
  const usable = dyes ? /^#[0-9a-f]{6}$/i.test(value) : values.includes(value);
  return (
    <Part title={text.whatIf.altered}>
      <Taken
        items={thought.changed.map(
          (one) =>
            `${byId.get(one.id)?.label ?? one.id}, ${text.whatIf.attributes[one.attribute]} ${words(one.value)}`,
        )}
        onTakeBack={(index) => onChange({ changed: thought.changed.filter((_, i) => i !== index) })}
      />
      <div className="flex flex-wrap items-baseline gap-x-3 gap-y-1">
        <PieceFinder
          label={`${text.whatIf.altered}: ${byId.get(id)?.label ?? text.whatIf.piece}`}
          className="min-h-6 border-b border-dotted border-ink font-medium pointer-coarse:min-h-11"
          onPick={setId}
        >
          {byId.get(id)?.label ?? text.whatIf.piece} <span className="text-soft">▾</span>
        </PieceFinder>
        <Choice
          label=""
          name={text.whatIf.altered}
          value={attribute}
          options={Object.entries(text.whatIf.attributes)}
          onChange={(next) => {
            setAttribute(next);
            setValue(next === 'colours' ? '#1f2a44' : '');
          }}
        />
        {dyes ? (
          <ColourPicker
            label={common.pieces.colour}
            className="h-7 w-10 border border-line"
            onPick={setValue}
          >
            <span className="block h-full w-full" style={{ background: value }} />
          </ColourPicker>
        ) : (
          <Choice
            label=""
            name={text.whatIf.attributes[attribute]}
            value={value}
            options={[['', '–'], ...values.map((word) => [word, words(word)] as const)]}
            onChange={setValue}
          />
        )}
        <Button
          disabled={!id || !usable}
          onClick={() => onChange({ changed: [...thought.changed, { id, attribute, value }] })}
        >
          {text.whatIf.alter}
        </Button>
      </div>
    </Part>
  );
}

function Rules({ thought, onChange }: Props) {
  const { clientId = '' } = useParams();
  const rules = useRules(clientId);
  const questions = new Map((rules.data ?? []).flatMap((rule) => rule.schools).map((one) => [one.id, one]));
  return (
    <Part title={text.whatIf.rules}>
      <Disclosure
        open={Object.keys(thought.schools).length > 0}
        title={`${figure(questions.size)} ${text.whatIf.questions}`}
      >
        <div className="flex flex-col gap-1">
          {[...questions.values()].map((question) => {
            const followed = question.client ?? question.studio;
            return (
              <Choice
                key={question.id}
                label={words(question.id)}
                value={thought.schools[question.id] ?? ''}
                options={[
                  ['', `${text.whatIf.asNow}: ${words(followed)}`],
                  ...question.schools
                    .filter((school) => school.id !== followed)
                    .map((school) => [school.id, words(school.id)] as const),
                ]}
                onChange={(school) => {
                  const schools = { ...thought.schools, [question.id]: school };
                  onChange({ schools: Object.fromEntries(Object.entries(schools).filter(([, one]) => one)) });
                }}
              />
            );
          })}
        </div>
      </Disclosure>
    </Part>
  );
}

const asNow = 'as-now';

function Elsewhere({ thought, onChange }: Props) {
  const [chosen] = useChosen();
  const { client, days } = useDesk();
  const same = [asNow, text.whatIf.asNow] as const;
  const unlessAsNow = (value: string) => (value === asNow ? null : value);
  return (
    <Part title={text.whatIf.elsewhere}>
      <div className="flex flex-col gap-1">
        <Choice
          label={common.context.season}
          value={thought.season ?? asNow}
          options={[same, ...seasonOptions(client, days)]}
          onChange={(season) => onChange({ season: unlessAsNow(season) })}
        />
        <Choice
          label={common.context.occasion}
          value={thought.occasion ?? asNow}
          options={[
            same,
            ['', common.context.anyOccasion],
            ...client.occasions.map(({ name }) => [name, name] as const),
          ]}
          onChange={(occasion) => onChange({ occasion: unlessAsNow(occasion) })}
        />
        <Choice
          label={common.context.verdict}
          value={thought.daring === null ? asNow : String(thought.daring)}
          options={[
            same,
            [String(!chosen.daring), chosen.daring ? common.context.works : common.context.daring],
          ]}
          onChange={(daring) => onChange({ daring: daring === asNow ? null : daring === 'true' })}
        />
      </div>
    </Part>
  );
}
