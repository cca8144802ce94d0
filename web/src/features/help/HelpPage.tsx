import instrumentSans from '@fontsource-variable/instrument-sans/LICENSE?url';
import literata from '@fontsource-variable/literata/LICENSE?url';
import { Link } from 'react-router';
import { glossary } from '../../language/glossary';
import { common } from '../../language/text';
import { usePageTitle } from '../../language/pageTitle';
import { say } from './messages';

/** What the words on the screens mean, which figure answers which question, and the keys. */
export function HelpPage() {
  usePageTitle(say('title'));
  return (
    <main className="mx-auto max-w-3xl p-8">
      <Link to="/clients" className="text-chalk">
        ← {common.clients.title}
      </Link>
      <h1 className="mt-3 font-serif text-2xl font-semibold">{say('title')}</h1>
      <h2 className="mt-6 border-b border-ink font-serif text-lg font-semibold">{say('questions')}</h2>
      <dl className="mt-2">
        {(['howMany', 'weakest', 'whyNot', 'whatIf', 'winter', 'buy'] as const).map((question) => (
          <div key={question} className="grid grid-cols-[240px_1fr] gap-4 border-b border-hair py-2">
            <dt className="font-medium">{say(`${question}Asked`)}</dt>
            <dd>{say(`${question}Answered`)}</dd>
          </div>
        ))}
      </dl>
      <h2 className="mt-6 border-b border-ink font-serif text-lg font-semibold">{say('words')}</h2>
      <dl className="mt-2">
        {Object.entries(glossary).map(([term, { word, short, more }]) => (
          <div key={term} id={term} className="grid grid-cols-[240px_1fr] gap-4 border-b border-hair py-2">
            <dt className="font-medium">{word}</dt>
            <dd>
              {short} {more}
            </dd>
          </div>
        ))}
      </dl>
      <h2 className="mt-6 border-b border-ink font-serif text-lg font-semibold">{common.keys.title}</h2>
      <dl className="mt-2">
        {common.keys.list.map(([key, what]) => (
          <div key={key} className="grid grid-cols-[240px_1fr] gap-4 border-b border-hair py-1.5">
            <dt className="font-medium">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <h2 className="mt-6 border-b border-ink font-serif text-lg font-semibold">{say('about')}</h2>
      <ul className="mt-2 grid gap-1.5">
        <li>
          <a href="/api-reference" className="text-chalk">
            {say('apiReference')}
          </a>
        </li>
        <li>
          {say('typefaces')}{' '}
          <a href={instrumentSans} className="text-chalk underline">
            Instrument Sans
          </a>
          {', '}
          <a href={literata} className="text-chalk underline">
            Literata
          </a>
        </li>
      </ul>
    </main>
  );
}
