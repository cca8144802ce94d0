import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import type { RuleView } from '../../api/client';
import { sentence } from '../../api/problem';
import { figure } from '../../language/format';
import { common } from '../../language/text';
import { text } from './text';
import { RuleDetail } from './RuleDetail';
import { RulingsList } from './RulingsList';
import { useRules } from './queries';

/** Every rule with what it looks at and why, how it is set here, and what was decided over it. */
export function RulesPage() {
  const { clientId = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const [shownRulings, setShownRulings] = useState(false);
  const rules = useRules(clientId);
  const chosen = rules.data?.find((rule) => rule.id === search.get('rule')) ?? rules.data?.[0];
  const groups = [...new Set(rules.data?.map((rule) => rule.group))];

  function choose(id: string) {
    const next = new URLSearchParams(search);
    next.set('rule', id);
    setSearch(next);
    setShownRulings(false);
  }

  if (rules.error) {
    return (
      <p role="alert" className="p-5">
        {sentence(rules.error)}
      </p>
    );
  }
  return (
    <div className="grid h-full grid-cols-[252px_minmax(0,1fr)]">
      <nav aria-label={text.rules.title} className="overflow-y-auto border-r border-line py-4">
        <button
          type="button"
          onClick={() => setShownRulings(true)}
          className={`mb-3 block min-h-7 w-full px-5 text-left font-medium text-chalk ${shownRulings ? 'bg-paper' : ''}`}
        >
          {common.rulings.title}
        </button>
        {groups.map((group) => (
          <section key={group} className="mb-3">
            <h2 className="px-5 pb-1 font-serif text-[15px] font-semibold">
              {text.rules.groups[group as 'colour']}
            </h2>
            <ul>
              {rules.data
                ?.filter((rule) => rule.group === group)
                .map((rule) => (
                  <li key={rule.id}>
                    <button
                      type="button"
                      aria-current={!shownRulings && rule === chosen}
                      onClick={() => choose(rule.id)}
                      className={`flex min-h-6 w-full items-baseline gap-2 px-5 py-0.5 text-left text-[13px] ${!shownRulings && rule === chosen ? 'bg-paper font-semibold' : ''}`}
                    >
                      <span className="grow">{rule.title}</span>
                      {isChanged(rule) && <span title={text.rules.changed}>◆</span>}
                      {rule.faults ? <span className="text-soft">{figure(rule.faults)}</span> : null}
                    </button>
                  </li>
                ))}
            </ul>
          </section>
        ))}
      </nav>
      <div className="overflow-y-auto p-5">
        {shownRulings ? (
          <>
            <h1 className="mb-2 font-serif text-xl font-semibold">{common.rulings.title}</h1>
            <RulingsList />
          </>
        ) : (
          chosen && <RuleDetail key={chosen.id} rule={chosen} all={rules.data ?? []} />
        )}
      </div>
    </div>
  );
}

function isChanged(rule: RuleView): boolean {
  return (
    rule.parameters.some((p) => p.client != null || p.studio !== p.usual) ||
    rule.schools.some((s) => s.client != null || s.studio !== s.schools[0]?.id)
  );
}
