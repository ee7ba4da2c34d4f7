export const gas = {
  'carbon dioxide': 'dióxido de carbono',
  oxygen: 'oxígeno',
  chlorine: 'cloro',
  chloramine: 'cloramina',
};

export const claim = { disinfect: 'desinfectar', clean: 'limpiar', descale: 'quitar sarro' };

export const mixture = {
  disinfecting: 'con fuerza para desinfectar',
  cleaner: 'un limpiador, no un desinfectante',
  descaler: 'un quitasarro, no un desinfectante',
  nothing: 'nada útil',
  dangerous: 'no se debe mezclar nunca',
  'not known yet': 'todavía no se sabe',
};

export const reaction = {
  'acid-alkali': 'El ácido y la sosa cáustica se gastan entre sí con calor violento.',
  'acid-carbonate': 'El ácido y el bicarbonato o la sosa se gastan entre sí, con espuma.',
  'acid-soap': 'El ácido corta el jabón en grumos grasosos.',
  'acid-borax': 'El ácido y el bórax se gastan entre sí y dejan ácido bórico, tóxico si se traga.',
  'peroxide-decomposes': 'El peróxido se descompone y suelta oxígeno.',
  peracid: 'El peróxido y el ácido hacen un perácido que quema ojos, piel y pulmones.',
  'bleach-acid': 'El cloro y el ácido sueltan gas de cloro.',
  'bleach-ammonia': 'El cloro y el amoníaco sueltan cloraminas.',
  'bleach-peroxide': 'El cloro y el peróxido se destruyen con mucho oxígeno y calor.',
  'bleach-alcohol': 'El cloro convierte el alcohol en cloroformo.',
};

export const change = {
  'leave-out-water': 'Deje fuera el agua.',
  'leave-out-spoiler': 'Deje fuera lo que lo anula.',
  'only-the-active': 'Deje fuera todo lo demás.',
  'stronger-stock': 'Viértalo de un envase del estante.',
  'detergent-for-soap': 'Ponga detergente en lugar de jabón.',
};

export const noChange = {
  already: 'No hay que cambiar nada.',
  'not-read': 'Primero corrija lo que no se pudo leer.',
  asked: 'Primero conteste lo que se pregunta.',
  'no-such-active': 'Ningún cambio lo logra: nada en esta receta lo hace, con ninguna fuerza.',
};

export const pouredBefore = {
  'water-first': 'primero, para que lo fuerte nunca esté solo',
  'water-before-foam': 'primero, o la botella se llena de espuma',
  'foam-last': 'antes de lo que hace espuma',
  'dissolve-powder': 'tibia, para disolver el polvo',
  'solubilise-first': 'mezclado primero con el aceite',
  'solubilised-before-alcohol': 'antes del alcohol',
  'alcohol-before-water': 'antes del agua',
  'soap-before-acid': 'antes del ácido, o se hace grumos',
  'fizz-in-open-bowl': 'en un tazón abierto',
  'oil-into-alcohol': 'recibe el aceite',
  'scent-last': 'antes del aroma',
  wished: 'como usted pidió',
};

export const pouredAfter = {
  'water-first': 'en el agua',
  'water-before-foam': 'después del agua',
  'foam-last': 'al final, por la pared; gire, no agite',
  'dissolve-powder': 'removiendo hasta que se disuelva',
  'solubilise-first': 'en el solubilizante',
  'solubilised-before-alcohol': 'en el aceite ya mezclado',
  'alcohol-before-water': 'al final, despacio; turbio quiere decir poco solubilizante',
  'soap-before-acid': 'después del jabón, o se hace grumos',
  'fizz-in-open-bowl': 'despacio, en un tazón abierto, hasta que pase la espuma',
  'oil-into-alcohol': 'en el alcohol',
  'scent-last': 'al final, solo es aroma',
  wished: 'como usted pidió',
};

export const keeping = {
  'diluted-peroxide': 'el peróxido diluido se usa el mismo día',
  'opened-peroxide': 'el peróxido abierto se controla cada mes',
  'diluted-vinegar': 'el vinagre diluido dura una semana',
  'vinegar-keeps': 'el vinagre sin diluir dura',
  'alcohol-in-strength': 'el alcohol con fuerza dura, cerrado',
  'alcohol-weak': 'el alcohol débil dura una semana',
  'by-its-date': 'un producto registrado va por su fecha, si no un año',
  'must-not-be-kept': 'suelta gas: no lo guarde, no lo tape',
  'bleach-diluted': 'el cloro diluido se usa el mismo día',
  bleach: 'el cloro pierde fuerza',
  'no-preservative': 'nada en él evita que se eche a perder',
};

export const bottleMaterial = {
  glass: 'vidrio',
  HDPE: 'plástico HDPE',
  PET: 'plástico PET',
};

export const tool = {
  cup: 'taza de cocina',
  spoon: 'cuchara',
  'by eye': 'a ojo',
  jug: 'jarra graduada',
  cylinder: 'probeta',
  syringe: 'jeringa',
  'kitchen scale': 'balanza de cocina',
  'bench scale': 'balanza de mesa',
  'free pour': 'sin medir',
};

export const check = {
  'as-meant': 'con la fuerza debida, como se quería',
  'too-weak': 'demasiado débil: apártelo o hágalo más fuerte',
  'too-strong': 'demasiado fuerte: apártelo',
  'not-as-meant': 'con fuerza, pero no la que se quería: apártelo',
  'no-such-mixture':
    'Ninguna mezcla de este alcohol y agua pesa eso a esa temperatura. Lea otra vez; revise la unidad: 0.886 g/mL son 886 kg/m³.',
  'wrong-meter':
    'Esto no se puede leer así: el alcohol por densidad y temperatura, el peróxido por tira.',
  'no-such-step': 'La tira no tiene ese paso.',
};
