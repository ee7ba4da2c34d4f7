export const joining = {
  comeIn: 'Pase, {name}.',
  youAreInvited: '{company} le ha invitado como {role}.',
  newPassword: 'Elija una contraseña nueva, {name}.',
  youSignInAs: 'Usted entra como <b>{login}</b>. Todas sus otras sesiones terminan.',
  typeTheCode: 'Escriba el código que le dieron.',
  code: 'Código',
  goOn: 'Seguir',
  login: 'Nombre con el que entrará',
  password: 'Contraseña',
  comeInNow: 'Pasar',
  until: 'El código vale una vez, hasta {until}.',
};
