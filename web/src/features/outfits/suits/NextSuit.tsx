import { useParams } from 'react-router';
import { sentence } from '../../../api/problem';
import { join, words } from '../../../language/format';
import { useChosen, useDesk } from '../../desk';
import { say } from '../messages';
import { useNextSuit } from '../queries';

/** What the next suit should be like: the ones that would open most, and what each of their attributes does for it. */
export function NextSuit() {
  const { clientId = '' } = useParams();
  const [chosen] = useChosen();
  const { stamp } = useDesk();
  const next = useNextSuit(clientId, chosen, stamp);
  const [best] = next.data ?? [];
  return (
    <section className="mt-6" data-testid="next-suit" aria-busy={next.isPending}>
      <h2 className="mb-1 font-serif text-[15px] font-semibold">{say('nextSuit')}</h2>
      {next.error && <p role="alert">{sentence(next.error)}</p>}
      {next.isPending && <p className="text-soft">{say('tryingSuits')}</p>}
      <ol className="flex flex-col gap-1">
        {next.data?.map((suit) => (
          <li key={suit.attributes.colour}>
            <strong className="font-semibold">
              {join(
                ['colour', 'cloth', 'pattern', 'structure', 'pockets'].map((name) =>
                  valueWords(name, suit.attributes[name] ?? ''),
                ),
              )}
            </strong>
            <span className="text-soft">
              : {say('opens', { jacket: suit.withJacket, trousers: suit.withTrousers })}
            </span>
          </li>
        ))}
      </ol>
      {best && (
        <table className="mt-2 border-collapse text-[13px]">
          <caption className="pb-1 text-left text-xs text-soft">{say('otherwise')}</caption>
          <tbody>
            {Object.entries(best.otherwise).map(([attribute, values]) => (
              <tr key={attribute} className="border-t border-hair">
                <th scope="row" className="py-1 pr-4 text-left font-normal text-soft">
                  {words(attribute)}
                </th>
                <td className="py-1 pr-5 font-semibold">
                  {valueWords(attribute, best.attributes[attribute] ?? '')}{' '}
                  {best.withJacket + best.withTrousers}
                </td>
                <td className="py-1 text-soft">
                  {Object.entries(values as Record<string, number>)
                    .sort((a, b) => b[1] - a[1])
                    .map(([value, opens]) => `${valueWords(attribute, value)} ${opens}`)
                    .join(' · ')}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

/** An attribute's value as part of a sentence. */
function valueWords(attribute: string, value: string): string {
  return attribute === 'pockets' ? say('pocketsOf', { kind: words(value) }) : words(value);
}
