export const housePage = {
  asSetAtTheStart: '· como venía al principio',
  whomToCall: 'A quién llamar',
  emergencyLine: 'Línea de emergencia',
  poisonLine: 'Línea de intoxicaciones',
  saveTheNumbers: 'Guardar los números',
  saved: 'Guardado.',
  theHouseRules: 'las reglas de la empresa',
  whichSchoolDoWeFollow: '¿Qué práctica seguimos donde hay varias?',
  lookingThroughTheApprovedProtocols: 'Revisando los protocolos aprobados …',
  noApprovedProtocolChangesBy: 'Ningún protocolo aprobado cambia por esto.',
  approvedWouldHaveToBe:
    '{flagged, plural, one {Habría que revisar # superficie aprobada} other {Habría que revisar # superficies aprobadas}}.',
  houseRules: 'Reglas de la empresa',
  whatAChangeDoes: 'Qué hace un cambio',
  eachChoiceSaysWhatIt:
    'Cada opción dice qué se gana y qué se pierde. La primera de cada una es la prudente, según la evidencia. Los protocolos quedan como se aprobaron: lo que un cambio vuelve falso se marca, y una persona lo revisa.',
  approvedProtocolsStayAsThey:
    'Los protocolos aprobados quedan como están hasta que alguien los revise.',
  saveThe: '{count, plural, one {Guardar el cambio} other {Guardar los # cambios}}',
  leaveItAsItWas: 'Dejarlo como estaba',
  minApproved: '{why}: {now} min, aprobado {approved}',
};
