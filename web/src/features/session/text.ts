/** Texts of these screens. */
export const text = {
  tagline: 'Every outfit a wardrobe really makes, counted.',
  signIn: {
    title: 'Sign in',
    email: 'Email',
    password: 'Password',
    emailMissing: 'Type the email you sign in with.',
    passwordMissing: 'Type the password.',
    submit: 'Sign in',
    busy: 'Signing in …',
  },
} as const;
