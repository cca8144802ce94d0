import { useState } from 'react';
import { Link, useLocation, useRouteError } from 'react-router';
import { usePageTitle } from '../language/pageTitle';
import { Button } from '../ui/Button';
import { Disclosure } from '../ui/Disclosure';
import { say } from './messages';

/** An address that leads nowhere. */
export function MissingPage() {
  usePageTitle(say('missing'));
  const { pathname } = useLocation();
  return (
    <main className="mx-auto flex max-w-xl flex-col gap-4 p-8">
      <h1 className="font-serif text-2xl font-semibold">{say('missing')}</h1>
      <p className="break-words">{say('missingWhy', { address: pathname })}</p>
      <ToClients />
    </main>
  );
}

/** In place of a page that failed: what is safe, what to do, and a report to hand on. */
export function ErrorPage() {
  const error = useRouteError();
  const { pathname, search } = useLocation();
  const isNewer = isOfAnotherVersion(error);
  const title = say('failed');
  usePageTitle(title);
  const [copied, setCopied] = useState<boolean | null>(null);
  const report = reportOf(error, pathname + search);
  const copy = () =>
    navigator.clipboard.writeText(report).then(
      () => setCopied(true),
      () => setCopied(false),
    );
  return (
    <main className="mx-auto flex max-w-xl flex-col gap-4 p-8" role="alert">
      <h1 className="font-serif text-2xl font-semibold">{title}</h1>
      <p>{say(isNewer ? 'newer' : 'safe')}</p>
      <p className="flex flex-wrap items-baseline gap-5">
        <Button look="ink" onClick={() => window.location.reload()}>
          {say('reload')}
        </Button>
        {!isNewer && (
          <Button look="link" onClick={copy}>
            {say('copy')}
          </Button>
        )}
        <ToClients />
        {copied !== null && <span role="status">{say(copied ? 'copied' : 'notCopied')}</span>}
      </p>
      {!isNewer && (
        <Disclosure title={say('report')}>
          <pre className="overflow-x-auto border border-line bg-paper p-3 text-xs whitespace-pre-wrap">
            {report}
          </pre>
        </Disclosure>
      )}
    </main>
  );
}

function ToClients() {
  return (
    <Link to="/clients" className="font-medium text-chalk underline-offset-2 hover:underline">
      {say('toClients')}
    </Link>
  );
}

/** A part of a page that the server no longer has, because it was updated since the page was opened. */
function isOfAnotherVersion(error: unknown): boolean {
  return error instanceof TypeError && /dynamically imported module|module script/i.test(error.message);
}

/** What happened, where and when, without anything a client said or a stylist typed. */
export function reportOf(error: unknown, address: string): string {
  const what = error instanceof Error ? `${error.name}: ${error.message}` : String(error);
  const where = error instanceof Error ? (error.stack ?? '').split('\n').slice(1, 9).join('\n') : '';
  return [`Jomble ${address}`, new Date().toISOString(), navigator.userAgent, what, where]
    .filter(Boolean)
    .join('\n');
}
