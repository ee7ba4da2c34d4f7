export const people = {
  zymostat: 'Zymostat',
  signIn: 'Sign in',
  whichSolutionHowStrongHow: 'Which solution, how strong, how long wet, and what must never meet.',
  nameYouSignInWith: 'Name you sign in with',
  password: 'Password',
} as const;
