import { createContext, useContext } from 'react';
import type { EventData } from '../../api/streams';
import { figure, join, monthName } from '../../language/format';
import { Button } from '../../ui/Button';
import { useDesk } from '../desk';
import { say } from './messages';

/** What one limit of the brief does to the wardrobe. */
export type LimitEffect = EventData<'/api/v1/clients/{clientId}/counts/limits', 'limit'>;

/** Number of pieces named in a sentence. */
const named = 3;

export const Effects = createContext<Map<string, LimitEffect>>(new Map());

/** Beside a limit: the pieces that drop out for it and the bases that go with them. A press lights them up on the rail. */
export function Effect({ pointer }: { pointer: string }) {
  const effect = useContext(Effects).get(pointer);
  const { byId, select } = useDesk();
  if (!effect) {
    return null;
  }
  if (BigInt(effect.after) === 0n) {
    const labels = effect.out.map((id) => byId.get(id)?.label ?? id);
    const more = labels.length - named;
    return (
      <p role="status" className="text-xs text-no" data-testid="effect">
        {BigInt(effect.before) === 0n
          ? say('effectNeither')
          : effect.lowestHeelCm !== null
            ? say('effectHeel', { cm: effect.lowestHeelCm })
            : effect.missing.length > 0
              ? say('effectImpossible', { missing: join(effect.missing) })
              : say('effectNothing', {
                  before: figure(effect.before),
                  pieces: join(more > 0 ? [...labels.slice(0, named), say('others', { n: more })] : labels),
                })}
      </p>
    );
  }
  const touched = [...effect.out, ...effect.fewer, ...effect.more];
  if (touched.length === 0 && BigInt(effect.before) === BigInt(effect.after)) {
    return <p className="text-xs text-soft">{say('effectNone')}</p>;
  }
  const parts = (['out', 'fewer', 'more'] as const)
    .filter((part) => effect[part].length > 0 || (part === 'out' && touched.length === 0))
    .map((part) => say(part, { n: effect[part].length }));
  return (
    <p className="text-xs text-soft" data-testid="effect">
      <span title={join(effect.out.map((id) => byId.get(id)?.label ?? id))}>{parts.join(', ')}</span> ·{' '}
      <strong className="font-serif text-ink">
        {effect.month === null
          ? say('effectBases', { before: figure(effect.before), after: figure(effect.after) })
          : say('effectLayered', {
              before: figure(effect.before),
              after: figure(effect.after),
              month: monthName(effect.month),
            })}
      </strong>{' '}
      {touched.length > 0 && (
        <Button look="link" className="text-xs" onClick={() => select(new Set(touched))}>
          {say('showOnRail')}
        </Button>
      )}
    </p>
  );
}
