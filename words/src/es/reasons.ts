import { jobReason } from './jobReasons.ts';

/** Por qué algo se puede hacer, pide cuidado o no se puede: un mensaje por código. */
export const reason = {
  ...jobReason,
  'contact-by-evidence': '{strength} debe quedar mojado {time}, según la serie publicada.',
  'contact-by-house-rule':
    '{strength} debe quedar mojado {time}, por la regla de la empresa. No es menos que los tiempos publicados.',
  'below-floor':
    '{strength} es demasiado débil: se necesita al menos {floor}. Más tiempo mojado no lo compensa.',
  'above-evidence': '{strength} es más fuerte de lo que cubre la evidencia: {top} como máximo.',
  'stronger-than-stock': '{strength} no se puede hacer con un envase de {stock}.',
  'not-a-disinfectant':
    '{active}: limpia y quita el sarro. No está registrado en la EPA como desinfectante.',
  'cleaning-needs-no-wait': 'Para limpiar no hace falta tiempo mojado.',
  'needs-registered':
    '{against}: no se conoce nada en estas tres familias que lo detenga. Hace falta un producto registrado cuya etiqueta lo nombre, o cloro con la fuerza publicada y personal capacitado.',
  'needs-authority':
    'Candida auris: pregunte a la autoridad de salud. Un servicio de limpieza no se encarga de esto.',
  'not-for-colds':
    'El 2-propanol no tiene respaldo contra un resfriado. El etanol del 70 al 90 % o el peróxido, sí.',
  'not-for-reducing':
    '“Reducir” es solo para vinagre sin diluir, y solo donde lo permiten las reglas de la empresa. No se puede elegir para: {active}.',
  'reduces-everyday-only':
    'El vinagre reduce algunas bacterias de todos los días. No sirve para nada más.',
  'reduces-only':
    'El vinagre sin diluir, mojado durante {time}, reduce algunas bacterias. No desinfecta: no está registrado en la EPA como desinfectante.',
  'needs-licensed':
    'Más sangre o fluido corporal que una mancha pequeña: llame a personal capacitado y equipado.',
  'washing-removes-it':
    'Un alérgeno se lava, no se desinfecta: use detergente, un paño aparte y enjuague.',
  'not-for-mildew':
    '{kind, select, alcohol {Ninguna evidencia dice que el alcohol desinfecte el moho: limpia y seca.} other {Regla de la empresa: el moho no se trata con {family}.}}',
  'mildew-too-large':
    'En esta casa hay {area} de moho en total: más de lo que un servicio de limpieza puede tratar (cerca de 1 m², 10 pies cuadrados). Llame a un especialista con licencia.',
  'not-on-label': 'Su etiqueta no nombra esto: {against}. No se puede usar para eso.',
  'label-time': 'Según su etiqueta debe quedar mojado {time}.',
  'label-bars-surface': 'Su etiqueta lo excluye en: {material}.',
  'not-as-sold':
    'Un producto registrado se usa como dice su etiqueta: tal como se vende, o diluido en la proporción de la etiqueta y ninguna otra.',
  'batch-of-other-product':
    'Este es otro producto, no el del protocolo. Cada producto va según su propia etiqueta.',
  'one-coat-holds': 'Una capa queda mojada {holds} (estimado).',
  'rewets-needed':
    'Una capa queda mojada {holds} (estimado): vuelva a mojar {count, plural, one {una vez, a los {every}} other {# veces, cada {every}}}.',
  'dries-too-fast':
    'Una capa queda mojada {holds} (estimado): nadie puede volver a mojar cada {every}. Ponga una capa más gruesa, o apague el extractor mientras tanto.',
  'air-fits': 'Aire, estimado: {air}.',
  'air-near-limit':
    'Aire, estimado: {air}. Abra la ventana y salga del cuarto mientras está mojado.',
  'air-over-stricter':
    'Aire, estimado: {air} según un límite más estricto. Abra la ventana y salga del cuarto mientras está mojado.',
  'air-over-limit':
    'Aire, estimado: {air}. Abra una ventana, use un paño en lugar del spray, haga menos a la vez o use otra familia.',
  'air-together-over-limit':
    'Los {count} tratamientos con {family} en este cuarto caben uno por uno, pero no juntos. Aire, estimado: {air}. Repártalos en la visita, use paños u otra familia.',
  'material-bears':
    '{kind, select, product {Su etiqueta no lo excluye en: {material}.} other {Se puede usar en: {material}.}}',
  'material-care': '{material}: {why} Pruebe en un lugar escondido, que sea corto, y enjuague.',
  'material-barred': 'Nunca en {material}: {because}',
  'material-wait-until-cool': '{why}',
  'material-stronger':
    '{material}: esto es más fuerte de lo que se sabe que aguanta. Pruebe en un lugar escondido, que sea corto, y enjuague.',
  'material-not-known': '{why}',
  porous:
    '{material}: es poroso. No queda mojado por encima, así que no se puede prometer un tiempo. Límpielo, lávelo o cámbielo.',
  'cloth-only':
    'Solo con paño húmedo, nunca con spray. {kind, select, product {Entra líquido: desconectado, con paño bien escurrido.} other {{why}}}',
  'rinse-after': 'Enjuague después.',
  'home-oxygen':
    'Hay oxígeno en uso en casa: el alcohol puede incendiarse en cualquier parte de esta casa.',
  'flame-in-room':
    'En este cuarto hay una llama o un piloto: el vapor de alcohol puede incendiarse.',
  'flame-not-asked':
    'Todavía nadie preguntó si algo arde en este cuarto: hasta entonces cuenta como una llama. Contéstelo en la inspección.',
  'hob-off':
    'En este cuarto hay una cocina de gas: apáguela y deje que se enfríe antes de usar alcohol.',
  'breathing-device': 'Nadie trata un aparato para respirar: el fabricante dice cómo.',
  'rinse-for-food': 'Toca alimentos: enjuague después con agua potable.',
  'infant-rinse':
    'Aquí vive un bebé: enjuague después, y que el bebé no entre al cuarto hasta que esté seco y ventilado.',
  'toddler-rinse':
    'Aquí vive un niño pequeño: enjuague después, que no entre al cuarto hasta que esté seco y ventilado, y guarde las botellas bajo llave.',
  'cat-rinse':
    'Aquí vive un gato: enjuague después, y que no entre hasta que esté seco. La caja de arena cuenta como orina.',
  'cat-no-oils': 'Aquí vive un gato: nada de aceites esenciales.',
  'dog-rinse': 'Aquí vive un perro: enjuague después, y que no entre hasta que esté seco.',
  'bird-out': 'Aquí vive un pájaro: llévelo a otro cuarto hasta que este esté seco y ventilado.',
  'cover-tank': 'Hay una pecera: cúbrala y apague la bomba.',
  'asthma-cloth':
    'En esta casa hay asma o sensibilidad a olores: no se usa spray. Póngalo con un paño y abra la ventana.',
  'asthma-barred':
    'En esta casa hay asma o sensibilidad a olores: nada de cloro, amoníaco ni spray de amonio cuaternario.',
  'locked-away':
    'En esta casa hay demencia o riesgo de autolesión: las botellas quedan bajo llave y no se deja nada.',
  'weak-immunity-strength':
    'Alguien aquí tiene las defensas bajas: nada más débil que peróxido al 3 % o alcohol al 70 %.',
  'pregnancy-ventilate': 'Hay un embarazo en esta casa: ventile y use guantes.',
  'nearby-unknown':
    'Sigue mojado en este cuarto: {surface}, y aquí no se sabe con qué. Primero pase el paño y enjuague allí.',
  'waits-for':
    'Sigue mojado en este cuarto: {surface}, con {on}, que no debe juntarse con {hand}. {happens} Primero pase el paño y enjuague allí.',
  'must-not-meet':
    'Todavía hay {on} en esta superficie, y no debe juntarse con {hand}. {happens} {remedy}',
  'meets-in-bowl': 'En esa agua hay algo del cliente: {keeps}. {happens} {remedy}',
  'taken-out-first': 'Primero se saca lo del cliente ({keeps}) y se descarga el inodoro dos veces.',
  'flush-first': 'Descargue primero el inodoro: la orina y el cloro sueltan cloraminas.',
  'not-taken-out':
    '{tablet, select, yes {Primero saque la pastilla y descargue dos veces.} other {Primero descargue el inodoro.}}',
  'meets-in-visit': '{route}: se junta con lo que va en “{surface}”. {happens} {remedy}',
  'not-with-water': 'No se debe echar al agua. {happens} {remedy}',
  'not-carried-together':
    '{one} y {other} no se deben llevar juntos. {happens} Ponga uno en otra canasta.',
  'not-side-by-side':
    '{one} y {other} no deben estar en el mismo estante. {happens} Ponga uno en otro estante.',
  'in-strength': '{strength} de {active} tiene la fuerza debida: de {floor} a {top}.',
  'must-not-share-a-bottle':
    '{severity, select, never {{one} y {other} nunca deben estar en la misma botella.} spoils {{one} y {other} se anulan en la misma botella.} other {{one} y {other} en la misma botella piden cuidado.}} {happens}',
  'no-active': 'Nada de lo que lleva desinfecta, con ninguna fuerza.',
  'above-cleaning-top':
    '{strength} de {component} es demasiado fuerte para este trabajo: {top} como máximo.',
  'must-not-be-used': '{ingredient}: no se usa en este trabajo. Quema, o nadie sabe qué contiene.',
  'solvent-burns': 'Su vapor se enciende fácil: sin llama, sin chispas y con la ventana abierta.',
  'asked-first':
    'Línea {row}: {has, select, yes {“{found}” puede significar varias cosas.} other {esto puede significar varias cosas.}} Hasta que se conteste cuenta lo peor.',
  'not-read': 'No todo se pudo leer o medir: nadie puede decir qué resulta.',
  'not-carried':
    'Regla de la empresa: no se lleva cloro. Lo que tiene el cliente se usa según su propia etiqueta, y no por nosotros.',
  'used-up':
    '{component} y {with} se gastan entre sí: se pierde {spent} de lo primero y {spentWith} de lo segundo.',
  'soap-split':
    'El {spent} del jabón se corta en grumos grasosos por {with}, que pierde {spentWith}.',
  'no-acid-left': 'Queda {acid} de ácido; el sarro necesita al menos {floor}.',
  'cleans-nothing': 'Lleva demasiado poco de todo para limpiar.',
  'counts-for-nothing': '{ingredient}: no agrega nada a la fuerza.',
  'batch-used-up': 'Todo este lote ({volume}) ya está en botellas. Prepare otro.',
  'like-refill': 'Tenía lo mismo. Tire lo que queda y ponga una etiqueta nueva con la fecha nueva.',
  'old-label':
    'Su etiqueta todavía dice {on}: la próxima persona actúa según ella. Táchela, lave y ponga otra etiqueta.',
  'held-before': 'Tenía {on}, que no debe juntarse con {hand}. {happens} Lávela primero.',
  'needs-opaque': 'La luz descompone el peróxido: use una botella opaca o marrón.',
  'needs-glass-or-hdpe': 'El alcohol fuerte ataca el plástico delgado: es mejor vidrio o HDPE.',
  'weighed-off': 'Por peso es {strength}, pero debía ser {wanted}. Corríjalo primero por peso.',
  'batch-set-aside': 'Este lote se controló, no tiene la fuerza debida y está apartado.',
  'batch-not-verified':
    'Nadie controló este lote. Se controla en la mesa de mezclas antes de desinfectar.',
  'batch-expired': 'Este lote debía tirarse antes del {day}.',
  'batch-of-other-family': 'El protocolo pone aquí {wantedFamily}, no {hand}.',
  'batch-of-other-strength': 'Este lote es {strength}; el protocolo pone {wanted}.',
  'not-cleaned-first':
    'Limpie primero: la suciedad gasta la solución, y el tiempo mojado cuenta solo en una superficie limpia.',
  'not-wet': 'Aquí no hay nada mojado.',
  'wet-in-another-round': 'Está mojado en otra ronda de esta casa. Pregunte quién la hace.',
  'already-wet': 'Ya está mojado: vuelva a mojarlo, o diga que lo encontró seco.',
  'no-reason-given': 'Se dejó sin hacer y sin motivo: diga por qué.',
  'not-the-last': 'Después se hizo otra cosa ahí. Solo se puede anular lo último.',
  'nothing-to-take-back': 'Ahí no se anotó nada de eso.',
  'corrected-by-supervisors': 'Esta ronda está terminada: solo la corrige un supervisor.',
  'say-why-not-so': 'Diga por qué no fue así.',
  'on-unknown': 'Nadie sabe qué hay puesto. Enjuague primero.',
  'not-joined': 'Usted no se unió a esta ronda.',
  'not-in-this-round': 'Esta superficie no está en el protocolo de esta ronda.',
  'nothing-to-do': 'Aquí no hay nada que enjuagar.',
  'not-in-the-protocol': 'El protocolo pone aquí solo lavar.',
  'stock-missing': 'No se eligió ningún envase ni lote que pueda hacerlo.',
  'stock-expired': 'Este envase era bueno hasta el {day}.',
  'care-not-accepted': 'Un supervisor debe aceptar esto con un motivo.',
  'refused-on-the-phone': 'Rechazado en el teléfono, por lo que el teléfono sabía.',
};

/** “310 de un máximo de 500 ppm en un cuarto de hora” */
export const air = {
  short: '{ppm} de un máximo de {limit} ppm en un cuarto de hora',
  day: '{ppm} de un máximo de {limit} ppm en una jornada',
  danger: '{ppm} de un máximo de {limit} ppm en cualquier momento',
  fire: '{ppm} de un máximo de {limit} ppm por fuego',
};

/** Qué arregla un encuentro en una visita donde nada de lo que se haga en medio lo arregla. */
export const mend = {
  'leave-out': 'Deje uno de los dos para otra visita.',
  reorder: 'Hágalo más tarde, después del enjuague.',
  never: 'Nada lo hace seguro: deje fuera uno de los dos.',
};
