import { useState } from 'react';
import { useParams } from 'react-router';
import type { RuleView } from '../../api/client';
import { sentence } from '../../api/problem';
import { figure, words } from '../../language/format';
import { text } from './text';
import { Button } from '../../ui/Button';
import { Delta } from '../../ui/Delta';
import { DrawnHere } from '../../ui/Drawing';
import { Mark } from '../../ui/Mark';
import { useChosen, useDesk, useLiveCounts } from '../desk';
import { ofClient, useExamples, useHold, useStudioRules, type HouseRules } from './queries';
import { OneOf } from '../../ui/OneOf';
import { Tick } from '../../ui/Tick';

type Scope = 'client' | 'studio';

/** A rule's page: why stylists follow it, its settings, and examples; a change is counted before it is saved. */
export function RuleDetail({ rule, all }: { rule: RuleView; all: RuleView[] }) {
  const { clientId = '' } = useParams();
  const { client } = useDesk();
  const [scope, setScope] = useState<Scope>('client');
  const [trial, setTrial] = useState<{ before: HouseRules; rules: HouseRules } | null>(null);
  const tried = trial?.rules;
  const studioRules = useStudioRules();
  const hold = useHold(clientId, scope === 'studio');
  const settings = scope === 'client' ? ofClient(all) : (studioRules.data as HouseRules | undefined);
  const current = tried ?? settings;

  const change = (part: keyof HouseRules, key: string, value: string | number | undefined) => {
    if (current) {
      const next = Object.fromEntries(
        Object.entries({ ...current[part], [key]: value }).filter(([, v]) => v !== undefined),
      );
      setTrial({ before: trial?.before ?? settings!, rules: { ...current, [part]: next } as HouseRules });
    }
  };
  const parameterKey = (name: string) => `${rule.id}/${name}`;
  const softened = parameterKey('softened');

  return (
    <article>
      <h1 className="font-serif text-xl font-semibold">{rule.title}</h1>
      <p className="mt-1 max-w-prose text-[15px]">{rule.rationale}</p>
      <p className="mt-1 text-xs text-soft">
        {rule.id} · {text.rules.scopes[rule.scope as 'pair']} · {rule.source}
      </p>
      {rule.faults != null && (
        <p className="mt-2">
          <strong className="font-serif">{figure(rule.faults)}</strong> {text.rules.faults}
          {rule.overruled ? `, ${figure(rule.overruled)} ${text.rules.overruled}` : ''}
        </p>
      )}
      {rule.suggestsSoftening && (
        <div className="mt-3 border-l-2 border-chalk bg-paper px-3 py-2" data-testid="soften">
          <p>{text.rules.soften}</p>
          <div className="mt-2 flex gap-3">
            <Button onClick={() => change('parameters', softened, 1)}>{text.rules.softenYes}</Button>
            <Button
              look="link"
              onClick={() =>
                settings && hold.mutate({ before: settings, rules: withNumber(settings, softened, 0) })
              }
            >
              {text.rules.softenNo}
            </Button>
          </div>
        </div>
      )}
      {(rule.schools.length > 0 || rule.parameters.length > 0 || rule.softenable) && (
        <section className="mt-4 border-y border-line py-3">
          <OneOf
            label={text.rules.scope}
            value={scope}
            options={[
              ['client', `${text.rules.forClient} ${client.name}`],
              ['studio', text.rules.forStudio],
            ]}
            className="mb-2 flex gap-4"
            onChange={(one) => {
              setScope(one as Scope);
              setTrial(null);
            }}
          />
          {rule.schools.map((question) => {
            const beneath = (scope === 'client' ? question.studio : question.schools[0]?.id) ?? '';
            return (
              <fieldset key={question.id} className="mt-2">
                <legend className="font-serif font-semibold">{question.question}</legend>
                <OneOf
                  label={question.question}
                  value={current?.schools[question.id] ?? beneath}
                  options={question.schools.map(({ id, why }, i) => [
                    id,
                    <>
                      <strong className="font-medium">{words(id)}</strong>
                      {i === 0 && <span className="text-soft"> ({text.rules.usual})</span>}{' '}
                      <span className="text-soft">{why}</span>
                    </>,
                  ])}
                  onChange={(school) =>
                    change('schools', question.id, school === beneath ? undefined : school)
                  }
                />
              </fieldset>
            );
          })}
          {rule.parameters.map((parameter) => {
            const key = parameterKey(parameter.name);
            const beneath = scope === 'client' ? parameter.studio : parameter.usual;
            const own = current?.parameters[key];
            return (
              <div key={parameter.name} className="mt-2 flex items-center gap-3">
                <label htmlFor={key} className="w-48">
                  {words(parameter.name)} <span className="text-soft">({parameter.unit})</span>
                </label>
                <input
                  id={key}
                  type="number"
                  step="any"
                  min={parameter.least}
                  max={parameter.most}
                  value={own ?? beneath}
                  onChange={(event) =>
                    change(
                      'parameters',
                      key,
                      event.target.value === '' ? undefined : Number(event.target.value),
                    )
                  }
                  className="w-24 border-b border-line bg-transparent py-0.5 text-right tabular-nums"
                />
                {own !== undefined && (
                  <Button look="link" onClick={() => change('parameters', key, undefined)}>
                    {text.rules.reset} {beneath}
                  </Button>
                )}
              </div>
            );
          })}
          {rule.softenable && (
            <div className="mt-2">
              <Tick
                label={text.rules.softer}
                checked={(current?.parameters[softened] ?? (rule.softened && scope === 'client' ? 1 : 0)) > 0}
                onChange={(on) => change('parameters', softened, on ? 1 : 0)}
              />
            </div>
          )}
          {trial && tried && (
            <Trial
              rules={tried}
              scope={scope}
              onKeep={() => hold.mutate(trial, { onSuccess: () => setTrial(null) })}
              onLeave={() => setTrial(null)}
            />
          )}
          {hold.error && (
            <p role="alert" className="text-no">
              {sentence(hold.error)}
            </p>
          )}
        </section>
      )}
      <Examples id={rule.id} />
    </article>
  );
}

/** The rules with one parameter set. */
function withNumber(rules: HouseRules, key: string, value: number): HouseRules {
  return { ...rules, parameters: { ...rules.parameters, [key]: value } };
}

interface TrialProps {
  rules: HouseRules;
  scope: Scope;
  onKeep: () => void;
  onLeave: () => void;
}

/** How many outfits the change opens or closes for this client, before it is saved. */
function Trial({ rules, scope, onKeep, onLeave }: TrialProps) {
  const { clientId = '' } = useParams();
  const [chosen] = useChosen();
  const { live } = useDesk();
  const trial = useLiveCounts(clientId, chosen, 'trial', { house: rules });
  const now = live.counts?.total;
  const then = trial.state === 'counting' ? undefined : trial.counts?.total;
  return (
    <div role="status" data-testid="rule-trial" className="mt-3 border-l-2 border-chalk bg-paper px-3 py-2">
      {trial.refused ? (
        <p>{trial.refused}</p>
      ) : then === undefined || now === undefined ? (
        <p className="text-soft">{text.rules.trying}</p>
      ) : (
        <p>
          <strong className="font-serif text-lg">{figure(then)}</strong> {text.rules.instead} {figure(now)}
          <Delta change={BigInt(then) - BigInt(now)} />
        </p>
      )}
      <div className="mt-2 flex gap-3">
        <Button look="ink" onClick={onKeep}>
          {scope === 'client' ? text.rules.keepClient : text.rules.keepStudio}
        </Button>
        <Button onClick={onLeave}>{text.rules.leave}</Button>
      </div>
    </div>
  );
}

function Examples({ id }: { id: string }) {
  const examples = useExamples(id);
  return (
    <section className="mt-4">
      <h2 className="font-serif text-[15px] font-semibold">{text.rules.examples}</h2>
      <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-3" data-testid="examples">
        {examples.data?.map((example) => (
          <li key={example.name} className="flex gap-2 border border-hair p-2">
            <DrawnHere svg={example.figure} name="" className="h-36 w-[76px] shrink-0" />
            <span className="min-w-0 text-xs">
              <span className="flex items-start gap-1.5 font-medium">
                <Mark kind={example.kind === 'none' ? 'works' : example.kind} size={11} />
                {example.name}
              </span>
              <span className="mt-1 block text-soft">{example.text ?? text.rules.silent}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
