import { speaker } from '../../language/intl';

export const say = speaker({
  title: 'Clients',
  pieces: '{n, plural, =0 {no pieces yet} one {# piece} other {# pieces}}',
  name: 'Name of the new client',
  nameMissing: 'Give the client a name.',
  add: 'Add client',
  empty: 'No client yet. Add the first one by name.',
  signOut: 'Sign out',
  kinds: 'Kinds',
  visits: 'Visits',
  visitsOf: 'Visits to {client}',
  studio: 'Studio',
});
