import { Accordion } from 'radix-ui';
import { useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { Link, useLocation, useParams } from 'react-router';
import { sentence } from '../../api/problem';
import { Button } from '../../ui/Button';
import { useStudioCurrency } from '../session';
import { useDesk } from '../desk';
import { streamAddress } from '../../api/streams';
import { useStream } from '../../api/useStream';
import { Effects } from './effects';
import { FirstRun } from './FirstRun';
import { LifeSection, often } from './LifeSection';
import { LimitsSection } from './LimitsSection';
import { say } from './messages';
import { NeedsTable } from './NeedsTable';
import {
  BudgetSection,
  CareSection,
  ColourSection,
  NotesSection,
  ProportionSection,
  SchoolsSection,
} from './PersonSections';
import { PrintedBrief } from './PrintedBrief';
import { PlaceSection } from './PlaceSection';
import { useBrief, useBriefSaver, type BriefDocument } from './queries';

const limitsOf = ({ boundaries: all }: BriefDocument) =>
  all.coverage.length +
  all.avoid.length +
  all.sensitivities.length +
  (all.maxHeelCm === undefined ? 0 : 1) +
  (all.tucks ? 0 : 1);

const isEmpty = (document: BriefDocument) =>
  document.occasions.length === 0 && document.climate.length === 0 && limitsOf(document) === 0;

/** A client's brief on one page, in the order of a first meeting; changes are saved at once and show their effect. */
export function BriefPage() {
  const { clientId = '' } = useParams();
  const { search } = useLocation();
  const { client, pieces, stamp } = useDesk();
  const brief = useBrief(clientId);
  const saver = useBriefSaver(clientId);
  const currency = useStudioCurrency();
  const [later, setLater] = useState(false);
  const needs = useStream(
    streamAddress('/api/v1/clients/{clientId}/counts/needs', { path: { clientId } }),
    'need',
    stamp,
  );
  const limits = useStream(
    streamAddress('/api/v1/clients/{clientId}/counts/limits', { path: { clientId } }),
    'limit',
    stamp,
  );
  const heading = useRef<HTMLHeadingElement>(null);
  const isNew = brief.data !== undefined && isEmpty(brief.data.brief) && !later;
  const wasNew = useRef(false);
  useEffect(() => {
    if (wasNew.current && !isNew) {
      heading.current?.focus();
    }
    wasNew.current = isNew;
  }, [isNew]);
  const effects = useMemo(() => new Map(limits.events.map((one) => [one.pointer, one])), [limits.events]);
  if (brief.error) {
    return (
      <p role="alert" className="p-8">
        {sentence(brief.error)}
      </p>
    );
  }
  if (!brief.data) {
    return <div className="m-5 h-40 animate-pulse bg-paper" aria-busy="true" />;
  }
  const known = brief.data;
  const document = known.brief;
  const props = { clientId, brief: known, saver };
  const sections: [string, ReactNode, ReactNode][] = [
    ['life', say('lifeSum', { n: document.occasions.length }), <LifeSection {...props} />],
    ['place', document.place ?? (document.climate.length ? '' : say('noPlace')), <PlaceSection {...props} />],
    ['limits', say('limitsSum', { n: limitsOf(document) }), <LimitsSection {...props} />],
    [
      'proportion',
      document.lengthenLeg ? say('lengthenLeg') : say('usual'),
      <ProportionSection {...props} />,
    ],
    [
      'colour',
      <Swatches colours={[...document.palette.base, ...document.palette.accents]} />,
      <ColourSection {...props} />,
    ],
    ['schools', '', <SchoolsSection clientId={clientId} />],
    ['care', '', <CareSection {...props} />],
    [
      'budget',
      document.budget ? `${document.budget.amount} ${document.budget.currency}` : '',
      <BudgetSection {...props} currency={currency} />,
    ],
    ['notes', document.notes?.slice(0, 60) ?? '', <NotesSection {...props} />],
  ];
  return (
    <Effects value={effects}>
      <PrintedBrief name={client.name} brief={known} often={often} />
      <div className="@container max-w-4xl p-5 print:hidden" data-testid="brief">
        <header className="mb-3 flex items-baseline gap-4">
          <h1 className="font-serif text-xl font-semibold">{say('title')}</h1>
          <p aria-live="polite" className="text-xs text-soft print:hidden">
            {saver.state === 'saving' ? say('saving') : saver.state === 'saved' ? say('saved') : ''}
          </p>
          <Button look="link" className="ml-auto print:hidden" onClick={() => window.print()}>
            {say('print')}
          </Button>
        </header>
        {saver.error && (
          <p role="alert" className="mb-3 text-no">
            {say('notSaved', { why: sentence(saver.error) })}
          </p>
        )}
        {saver.waiting && (
          <p role="alert" className="mb-3 flex flex-wrap items-baseline gap-3 border border-daring p-2">
            {say('stale')}
            <Button onClick={saver.overwrite}>{say('mine')}</Button>
            <Button onClick={() => void saver.takeTheirs()}>{say('theirs')}</Button>
          </p>
        )}
        {isNew ? (
          <FirstRun boundaries={document.boundaries} saver={saver} onLater={() => setLater(true)} />
        ) : (
          <>
            <section className="mb-5">
              <h2 ref={heading} tabIndex={-1} className="font-serif text-[15px] font-semibold">
                {say('needs')}
              </h2>
              <p className="mb-2 text-xs text-soft">{say('needsWhat')}</p>
              <NeedsTable brief={known} needs={needs} saver={saver} />
              {pieces.length === 0 && client.climate.length > 0 && document.occasions.length > 0 && (
                <p className="mt-2 print:hidden">
                  <Link to={`../pieces${search}`} className="font-medium text-chalk">
                    {say('firstPieces')} →
                  </Link>
                </p>
              )}
            </section>
            <Accordion.Root type="multiple" defaultValue={['life', 'place', 'limits']}>
              {sections.map(([id, sum, content]) => (
                <Accordion.Item key={id} value={id} className="border-t border-line">
                  <Accordion.Header>
                    <Accordion.Trigger className="group flex min-h-10 w-full items-baseline gap-3 py-2 text-left">
                      <span aria-hidden="true" className="w-3 text-soft group-data-[state=open]:rotate-90">
                        ›
                      </span>
                      <span className="font-serif text-[15px] font-semibold">{say(id as 'life')}</span>
                      <span className="truncate text-xs text-soft">{sum}</span>
                    </Accordion.Trigger>
                  </Accordion.Header>
                  <Accordion.Content className="pb-4 pl-6">{content}</Accordion.Content>
                </Accordion.Item>
              ))}
            </Accordion.Root>
          </>
        )}
      </div>
    </Effects>
  );
}

function Swatches({ colours }: { colours: string[] }) {
  return (
    <span className="inline-flex gap-0.5 align-middle" aria-hidden="true">
      {colours.map((hex) => (
        <span key={hex} className="h-3 w-3 border border-line" style={{ background: hex }} />
      ))}
    </span>
  );
}
