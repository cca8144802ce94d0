import { words } from '../../../language/format';
import { common } from '../../../language/text';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { KindPicker } from '../../pieces';
import { useVocabulary } from '../../desk';
import { colourFamilies, colourRoles, lists, shades, type FormulaSlots, type SlotFormula } from './formulas';
import { say } from '../messages';

interface Props {
  slots: FormulaSlots;
  onChange: (slots: FormulaSlots) => void;
}

/** The slots a formula usually speaks of. */
const usual = [
  'top',
  'bottom',
  'onepiece',
  'drape',
  'mid',
  'jacket',
  'coat',
  'shoes',
  'legwear',
  'belt',
  'bag',
  'hat',
  'neck',
  'tie',
  'jewellery',
  'watch',
];

/** A formula in words, slot by slot; every word can be taken out, and others put in. */
export function FormulaEditor({ slots, onChange }: Props) {
  const vocabulary = useVocabulary();
  const kindName = (id: string) => vocabulary.data?.kinds.find((kind) => kind.id === id)?.name ?? words(id);
  const conditions = [
    ['', say('addCondition')] as const,
    ...(vocabulary.data?.words.fit ?? []).map(
      (id) => [`fits ${id}`, say('fitOf', { fit: words(id) })] as const,
    ),
    ...(vocabulary.data?.words.pattern ?? []).map((id) => [`patterns ${id}`, words(id)] as const),
    ...colourRoles.map((id) => [`colourRoles ${id}`, say('colourRole', { role: id })] as const),
    ...[...shades, ...colourFamilies].map((id) => [`colours ${id}`, id] as const),
    ...[2, 3, 4, 5, 6].map((n) => [`formalityLow ${n}`, say('formalityFrom', { n })] as const),
    ...[2, 3, 4, 5, 6].map((n) => [`formalityHigh ${n}`, say('formalityTo', { n })] as const),
  ];

  const put = (slot: string, asked: SlotFormula | null) => {
    const next = { ...slots };
    if (asked) {
      next[slot] = asked;
    } else {
      delete next[slot];
    }
    onChange(next);
  };
  const add = (slot: string, list: string, value: string) => {
    const asked = slots[slot] ?? {};
    put(
      slot,
      list.startsWith('formality')
        ? { ...asked, [list]: Number(value) }
        : { ...asked, [list]: [...new Set([...(asked[list as 'kinds'] ?? []), value])] },
    );
  };
  const without = (slot: string, list: string, value?: string) => {
    const asked: SlotFormula = { ...slots[slot] };
    const left = value === undefined ? [] : (asked[list as 'kinds'] ?? []).filter((one) => one !== value);
    if (left.length > 0) {
      asked[list as 'kinds'] = left;
    } else {
      delete asked[list as 'kinds'];
    }
    put(slot, asked);
  };

  return (
    <div data-testid="formula">
      <ul>
        {Object.entries(slots).map(([slot, asked]) => (
          <li key={slot} className="flex flex-wrap items-baseline gap-x-2 gap-y-1 border-b border-hair py-1">
            <span className="w-20 shrink-0 text-xs text-soft">
              {common.counts.slots[slot] ?? words(slot)}
            </span>
            {lists.flatMap((list) =>
              (asked[list] ?? []).map((value) => (
                <Chip
                  key={list + value}
                  words={
                    list === 'kinds'
                      ? kindName(value)
                      : list === 'colourRoles'
                        ? say('colourRole', { role: value })
                        : words(value)
                  }
                  onRemove={() => without(slot, list, value)}
                />
              )),
            )}
            {(['formalityLow', 'formalityHigh'] as const).map(
              (bound) =>
                asked[bound] !== undefined && (
                  <Chip
                    key={bound}
                    words={say(bound === 'formalityLow' ? 'formalityFrom' : 'formalityTo', {
                      n: asked[bound],
                    })}
                    onRemove={() => without(slot, bound)}
                  />
                ),
            )}
            {Object.keys(asked).length === 0 && <span className="text-soft">{say('anything')}</span>}
            <KindPicker
              label={say('addKind', { slot: common.counts.slots[slot] ?? words(slot) })}
              className="min-h-6 text-chalk"
              onPick={({ id }) => add(slot, 'kinds', id)}
            >
              {say('kind')}
            </KindPicker>
            <Choice
              narrow
              label=""
              name={say('addConditionTo', { slot: common.counts.slots[slot] ?? words(slot) })}
              value=""
              options={conditions}
              onChange={(condition) => {
                const [list, value] = condition.split(' ');
                if (list && value) {
                  add(slot, list, value);
                }
              }}
            />
            <Button
              look="link"
              className="ml-auto text-xs"
              aria-label={say('leaveOut', { slot: common.counts.slots[slot] ?? words(slot) })}
              onClick={() => put(slot, null)}
            >
              {say('leaveOutShort')}
            </Button>
          </li>
        ))}
      </ul>
      <p className="mt-1.5">
        <Choice
          label=""
          name={say('addSlot')}
          value=""
          options={[
            ['', say('addSlot')],
            ...usual
              .filter((slot) => !(slot in slots))
              .map((slot) => [slot, common.counts.slots[slot] ?? words(slot)] as const),
          ]}
          onChange={(slot) => slot && put(slot, {})}
        />
      </p>
    </div>
  );
}

function Chip({ words, onRemove }: { words: string; onRemove: () => void }) {
  return (
    <button
      type="button"
      aria-label={say('takeOut', { word: words })}
      onClick={onRemove}
      className="min-h-6 border border-line bg-paper px-1.5 hover:border-no"
    >
      {words} ×
    </button>
  );
}
