export const joining = {
  comeIn: 'Come in, {name}.',
  youAreInvited: '{company} has invited you as a {role}.',
  newPassword: 'Choose a new password, {name}.',
  youSignInAs: 'You sign in as <b>{login}</b>. All your other sessions end.',
  typeTheCode: 'Type the code that you were given.',
  code: 'Code',
  goOn: 'Go on',
  login: 'Name you will sign in with',
  password: 'Password',
  comeInNow: 'Come in',
  until: 'The code counts once, until {until}.',
} as const;
