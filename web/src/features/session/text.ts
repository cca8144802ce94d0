/** Texts of these screens. */
export const text = {
  tagline: 'Every outfit a wardrobe really makes, counted.',
  signIn: { title: 'Sign in', email: 'Email', password: 'Password', submit: 'Sign in', busy: 'Signing in …' },
} as const;
