export const houseAsks = {
  vinegar: '¿Para qué es el vinagre?',
  alcoholFloor: '¿Con qué fuerza se mezcla el alcohol como mínimo?',
  alcoholTime: '¿Cuánto tiempo se mantiene mojado el alcohol?',
  peroxideTime: '¿Cuánto tiempo se mantiene mojado el peróxido al 3 %?',
  dilutedPeroxide: '¿Se puede diluir el peróxido para desinfectar?',
  soapAndVinegar: '¿Jabón de Castilla con vinagre?',
  vinegarAndSoda: '¿Vinagre con bicarbonato?',
  vinegarOnSealedWood: '¿Vinagre en madera sellada?',
  scents: '¿Qué son los aceites esenciales?',
  bleach: '¿Se lleva cloro?',
  mildew: '¿Qué se pone en un poco de moho?',
};

export const school = {
  'vinegar.cleaner-only': 'Solo limpiador y quitasarro',
  'vinegar.household-reduction': 'Reducción casera, 30 min sin diluir',
  'alcoholFloor.70': '70 % v/v',
  'alcoholFloor.60': '60 % v/v',
  'alcoholTime.two-minutes': 'Dos minutos',
  'alcoholTime.until-dry': 'Hasta que se seque',
  'alcoholTime.ten-minutes': 'Diez minutos',
  'peroxideTime.ten-minutes': 'Diez minutos',
  'peroxideTime.published-series': 'Ocho minutos, según la serie publicada',
  'dilutedPeroxide.by-the-series': 'Hasta 0.75 %, solo contra gripe, COVID, VRS y resfriados',
  'dilutedPeroxide.refuse': 'No',
  'soapAndVinegar.never-together': 'Nunca juntos',
  'soapAndVinegar.water-first': 'Se tolera, primero el agua',
  'vinegarAndSoda.separately': 'Por separado, con enjuague en medio',
  'vinegarAndSoda.one-step': 'De una vez, en un tazón abierto',
  'vinegarOnSealedWood.never': 'Nunca',
  'vinegarOnSealedWood.weak': 'Débil, con cuidado',
  'scents.scent': 'Un aroma',
  'scents.booster': 'Un refuerzo',
  'bleach.not-carried': 'No se lleva',
  'bleach.named-cases': 'Para casos señalados',
  'mildew.peroxide': 'Peróxido',
  'mildew.alcohol': 'Alcohol',
  'mildew.bleach': 'Cloro',
};

export const trades = {
  'vinegar.cleaner-only':
    'No está en la lista de ningún regulador y falla contra gérmenes importantes.',
  'vinegar.household-reduction':
    'Una meta propia, “reducir”: algunas bacterias por media hora de espera, siempre con un motivo, nunca se llama desinfectar.',
  'alcoholFloor.70': 'Un margen sobre el 60 % al que puede bajar la capa.',
  'alcoholFloor.60': 'Ahorra producto; la capa queda por debajo de su mínimo casi enseguida.',
  'alcoholTime.two-minutes': 'El doble del minuto publicado, y casi siempre basta una capa.',
  'alcoholTime.until-dry':
    'Unos 30 s como se hace en el oficio; el minuto publicado vale de todos modos.',
  'alcoholTime.ten-minutes':
    'Hay que volver a mojar varias veces y hay mucho vapor, sin ventaja publicada.',
  'peroxideTime.ten-minutes': 'Dos minutos más que la serie publicada, fácil de recordar.',
  'peroxideTime.published-series': 'Dos minutos menos, sin margen.',
  'dilutedPeroxide.by-the-series': 'Más barato y suave, por 20 min al 1.5 % y una hora al 0.75 %.',
  'dilutedPeroxide.refuse': 'Una fuerza, un tiempo; las superficies delicadas quedan sin él.',
  'soapAndVinegar.never-together': 'Se deshacen entre sí, en cualquier orden.',
  'soapAndVinegar.water-first': 'Hace menos grumos; el jabón se corta igual.',
  'vinegarAndSoda.separately': 'Cada uno hace su trabajo.',
  'vinegarAndSoda.one-step': 'La espuma afloja un poco; queda agua con sal. En botella es Nunca.',
  'vinegarOnSealedWood.never': 'El ácido quita el brillo.',
  'vinegarOnSealedWood.weak': 'Corta la grasa; con el tiempo se paga en el brillo.',
  'scents.scent': 'No cuentan para la fuerza; se revisan las mascotas.',
  'scents.booster': 'Muchos lo creen, ningún regulador lo acepta: aquí no cuentan de todos modos.',
  'bleach.not-carried':
    'Nada nuestro puede juntarse con él; para norovirus hace falta un producto registrado.',
  'bleach.named-cases':
    'Alcanza lo que las tres familias no; una cosa más que nunca debe juntarse con ácido.',
  'mildew.peroxide': 'Áreas pequeñas en superficies duras, con aire y protección para los ojos.',
  'mildew.alcohol':
    'Limpia y seca rápido, se quema y llena el cuarto. Ninguna evidencia dice que desinfecte el moho.',
  'mildew.bleach': 'Solo personal capacitado; entonces no se ofrece ninguna de las tres familias.',
};

export const fill = {
  toilet: 'muchas manos lo tocan en el inodoro',
  'weak-immunity': 'se toca mucho, y alguien aquí tiene las defensas bajas',
  'cleaning-is-enough': 'basta con limpiar',
  porous: 'poroso: limpiar, lavar o cambiar',
  'nothing-fits': 'nada sirve sin un motivo: usted decide',
  'goal-was-set': 'según la meta que estaba puesta',
};
