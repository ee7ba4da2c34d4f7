/** Qué se pregunta de una línea, en una frase; `found` es lo que está escrito ahí. */
export const question = {
  thousands: '¿Qué número se quiere decir?',
  'which-amount': 'Aquí hay dos cantidades. ¿Cuál es la correcta?',
  'which-strength':
    '¿Qué tan fuerte es? {has, select, yes {“{found}” puede significar varias cosas.} other {Está en su etiqueta.}}',
  'which-ingredient': '¿Cuál de los dos es?',
  dilution: 'Diluido {found}: ¿qué hay entonces en la taza?',
  per: '“{found}”: ¿se le echa esa cantidad de agua, o el agua está en otra línea?',
  'left-over': '¿Qué cambia “{found}”? Si nada, elija el primero.',
  nearest: '“{found}” no se conoce. ¿Se quiere decir esto?',
  'shares-basis': '¿Por volumen o por peso?',
};

/** Por qué una línea no se leyó, y qué se leería. */
export const problem = {
  'no-ingredient': '“{found}”: diga qué es, después de la cantidad.',
  'no-amount':
    '“{found}”: diga cuánto, por ejemplo 1 1/4 tazas, 250 ml, 40 g, 20 gotas, media botella o completar.',
  'no-amount-of-liquid':
    '“{found}”: los paños y las toallitas no se vierten. Diga qué líquido y cuánto.',
  'no-unit':
    '“{found}”: diga la medida después del número, por ejemplo tazas, ml, g, gotas o partes.',
  'unknown-name':
    '“{found}” no se conoce. Use un nombre sencillo como agua, alcohol, peróxido, vinagre, jabón de Castilla o bicarbonato; o “desconocido”.',
  'not-positive': '“{found}”: una cantidad es más que nada.',
  'over-100': '“{found}”: una fuerza es más de 0 % y como máximo 100 %.',
  'no-proof': '“{found}”: los grados “proof” cuentan solo alcohol. Dé esto en %.',
  'no-volumes': '“{found}”: los volúmenes cuentan solo peróxido. Dé esto en %.',
  'no-strength': '“{found}”: esto no tiene fuerza, se toma tal como es.',
  'too-much': '“{found}”: como máximo 100 l, 100 kg, 2000 gotas o 1000 partes.',
  range: '“{found}”: primero va el número menor.',
  'bottle-size':
    '{has, select, yes {“{found}”: diga} other {Diga}} de qué tamaño es la botella, en una línea aparte, por ejemplo botella de 500 ml.',
  'too-long': '{found} caracteres en una línea: como máximo 300.',
  'too-many': '{found}: como máximo 60 líneas y 20 000 caracteres. El resto no se mide.',
  'nothing-in-it': 'Escriba al menos un ingrediente con su cantidad.',
  'already-full': 'La botella ya está llena hasta ahí.',
  'no-room': 'Las otras cantidades ya llenan la botella.',
  'too-much-for-bottle': 'En total son {found} ml: más de lo que cabe en la botella.',
  'shares-sum': 'Las proporciones suman {found}: deben dar 100 %.',
  'shares-mixed': 'Dé todas las proporciones por peso, o todas por volumen.',
};

export const reading = {
  'judged-as': '{problem} Por el peligro se juzga como {names}.',
};
