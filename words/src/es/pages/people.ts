export const people = {
  zymostat: 'Zymostat',
  signIn: 'Entrar',
  whichSolutionHowStrongHow:
    'Qué solución, con qué fuerza, cuánto tiempo mojado, y qué no se debe juntar nunca.',
  nameYouSignInWith: 'Nombre con el que entra',
  password: 'Contraseña',
};
