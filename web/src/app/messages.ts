import { speaker } from '../language/intl';

export const say = speaker({
  missing: 'There is no page here',
  missingWhy: 'The address {address} leads nowhere. It may have been mistyped, or what was there is gone.',
  gone: 'This client is not here',
  failed: 'This page could not be shown',
  safe: 'What was shown as saved is safe. Load the page again; if it fails again, copy the report and send it to whoever looks after Jomble.',
  newer: 'Jomble was updated while this page was open. Load it again to go on.',
  toClients: 'All clients',
  reload: 'Load again',
  copy: 'Copy the report',
  copied: 'Copied.',
  notCopied: 'The report could not be copied; select it below.',
  report: 'Report',
});
