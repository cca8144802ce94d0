import { words } from '../../../language/format';
import { common } from '../../../language/text';
import { Button } from '../../../ui/Button';
import type { AttributeSpec, Vocabulary } from '../queries';
import { Amount, type Money } from './Amount';
import { Colours, type Share } from './Colours';
import { Errand, type ErrandValue } from './Errand';
import { Fibres, type Fibre } from './Fibres';
import { Parts } from './Parts';
import { Several } from './Several';
import { Tags } from './Tags';
import { Typed, Words } from './Typed';
import { say } from '../messages';

interface Props {
  spec: AttributeSpec;
  vocabulary: Vocabulary;
  value: unknown;
  isSet: boolean;
  onChange: (value: unknown) => void;
  onReset: () => void;
}

/** One attribute: its value, whether it was derived or set, and the way back to derived. */
export function AttributeField(props: Props) {
  const { spec, isSet, onReset } = props;
  const wide = ['words', 'construction', 'care', 'fibres', 'colours', 'errand', 'tags'].includes(spec.form);
  return (
    <div className={wide || spec.name === 'notes' ? 'col-span-2' : ''}>
      <div className="flex min-h-6 items-center justify-between text-xs text-soft">
        <label htmlFor={spec.name}>{words(spec.name)}</label>
        {isSet ? (
          <Button
            look="link"
            aria-label={say('backToDerived', { attribute: words(spec.name) })}
            onClick={onReset}
          >
            {common.pieces.set} ×
          </Button>
        ) : (
          <span>{props.value === undefined ? '' : common.pieces.derived}</span>
        )}
      </div>
      <Control {...props} />
    </div>
  );
}

function Control({ spec, vocabulary, value, onChange }: Props) {
  switch (spec.form) {
    case 'word':
      return (
        <Words
          id={spec.name}
          options={spec.words}
          value={String(value ?? '')}
          onChange={(word) => onChange(word)}
        />
      );
    case 'words':
      return <Several spec={spec} value={(value as string[]) ?? []} onChange={onChange} />;
    case 'integer':
    case 'decimal':
      return (
        <Typed
          id={spec.name}
          type="number"
          min={spec.least}
          max={spec.most}
          step={spec.form === 'integer' ? 1 : 'any'}
          value={value === undefined ? '' : String(value)}
          onDone={(typed) => typed !== '' && onChange(Number(typed))}
        />
      );
    case 'date':
      return (
        <Typed
          id={spec.name}
          type="date"
          value={String(value ?? '')}
          onDone={(typed) => typed && onChange(typed)}
        />
      );
    case 'money':
      return <Amount id={spec.name} value={value as Money | undefined} onChange={onChange} />;
    case 'colours':
      return <Colours value={(value as Share[]) ?? []} onChange={onChange} />;
    case 'fibres':
      return <Fibres value={(value as Fibre[]) ?? []} all={spec.words} onChange={onChange} />;
    case 'errand':
      return <Errand id={spec.name} value={(value as ErrandValue) ?? {}} onChange={onChange} />;
    case 'tags':
      return <Tags id={spec.name} value={(value as string[]) ?? []} onChange={onChange} />;
    case 'construction':
      return (
        <Parts
          value={(value as Record<string, unknown>) ?? {}}
          parts={['structure', 'lapel', 'breasted', 'pockets']}
          vocabulary={vocabulary}
          onChange={onChange}
        />
      );
    case 'care':
      return (
        <Parts
          value={(value as Record<string, unknown>) ?? {}}
          parts={['method', 'wearsBetween', 'daysOut', 'iron']}
          vocabulary={vocabulary}
          onChange={onChange}
        />
      );
    default:
      return (
        <Typed
          id={spec.name}
          type="text"
          maxLength={spec.most}
          value={String(value ?? '')}
          onDone={(typed) => onChange(typed)}
        />
      );
  }
}
