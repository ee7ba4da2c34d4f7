/** Lo que dicen los otros trabajos. */
export const jobReason = {
  'batch-too-small': 'Este lote es de {volume} y se quieren {wanted}: prepare uno más grande.',
  'vessel-ended': 'Ya no está.',
  'jar-past': 'Ya pasó su día ({awayAt}): tírelo.',
  'jar-not-ready': 'Todavía se está empapando, hasta las {readyAt}.',
  'jar-short': 'Hay {left, plural, one {# paño} other {# paños}} y se quieren {wanted}.',
  'not-lying': 'No hay nada encima que se pueda quitar.',
  'still-lying': 'Todavía hay algo trabajando encima: quítelo primero.',
  'loosen-first': 'Primero lo que tiene encima: ponga lo que lo afloja, o diga que no hay nada.',
  'jar-vessel-crazes':
    'El alcohol y los aceites agrietan el plástico delgado o transparente: use vidrio o HDPE.',
  'jar-held-bleach':
    'En este bote hubo toallitas con cloro. Lávelo y póngale otra etiqueta primero.',
  'jar-not-on-label':
    'Un producto registrado se usa como dice su etiqueta: use las toallitas de la etiqueta.',
  'cotton-binds-quats':
    'El algodón retiene los cuats: en paños de algodón es más débil que su etiqueta.',
  'colours-may-run': 'Nadie sabe si los colores aguantan: mejor lávelos a 60 °C.',
  'bath-open': 'Un baño de alcohol lleva tapa.',
  'softener-clogs': 'El suavizante tapa la microfibra y deja rayas en el vidrio: no lo use.',
  'solvent-cloths-burn':
    'Los paños con alcohol se secan extendidos al aire libre: nunca amontonados, nunca en la secadora.',
  'jar-cleans-only':
    'Al {strength} limpia y no desinfecta: para eso hace falta {floor} por lo menos. En este bote úselo puro.',
  'jar-too-small': 'Los paños y el líquido ocupan {wanted}, el bote tiene {volume}.',
  'cloth-never-holds':
    'Ningún paño deja una capa que quede mojada {time} en este aire: use más de uno, o rocíe.',
  'no-such-soak': 'Nadie dice que se pueda poner {thing} en {family}.',
  'replaced-not-soaked':
    'Una esponja o un estropajo no se puede desinfectar: tírelo y use uno nuevo.',
  'bath-too-weak': '{strength} es muy débil aquí: {floor} por lo menos.',
  'bath-too-strong': '{strength} es muy fuerte aquí: {most} como máximo.',
  'bath-too-much': 'Un baño de {volume} de alcohol es demasiado: {most} como máximo.',
  'bath-does-not-cover': 'No cubre lo que hay adentro: {load} en un recipiente de {volume}.',
  'under-least': 'A los {time} todavía no sirve de nada: {least} por lo menos.',
  'over-longest': '{time} es demasiado: {most} como máximo. Después hace daño.',
  'acid-for-minutes': '{material}: ácido {most} como máximo, y enjuague enseguida.',
  'maker-decides': 'Solo el fabricante dice cómo se le quita el sarro: use su producto.',
  'no-such-descaling': 'A esto no se le quita el sarro con {cleaner}.',
  'citrate-drops':
    'El ácido cítrico al {strength} deja su propia costra: {most} como máximo, y a lo más tibio.',
  'alkali-barred': '{material}: sin carbonato de sodio, se opaca o se come.',
  'alkali-care': '{material}: pruebe el carbonato en un lugar escondido primero.',
  'solvent-barred': '{material}: el alcohol le quita la superficie.',
  'rust-acid-barred': '{material}: sin ácido en su óxido, el esmalte se opaca.',
  'ratio-outside': '{ratio} está fuera de lo que se usa: de {least} a {most}.',
  'does-not-lift': '{cleaner} no quita {soil}.',
  'lies-near': '{surface} estorba: {happens} {remedy}',
  'meets-about':
    '{keeps} está {at, select, machine {en esta máquina o su cajón} bath {en este recipiente} bag {en esta bolsa} jar {en este bote} bowl {en esta taza} other {en este desagüe}}. {happens} {remedy}',
  'solubiliser-short': 'Poco solubilizante: con menos de una parte por una de aceite se enturbia.',
  'scent-too-much': '{share} de aroma es demasiado: {most} como máximo.',
  'scent-with': 'Sin aroma en esta casa: {situation}.',
  'oil-old': 'El aceite lleva más de un año abierto, o nadie sabe: los viejos dañan la piel.',
  'wash-too-cold': '{temperature} °C es muy frío: {least} °C o más caliente.',
  'worn-out': 'Lavado {washes} veces: use uno nuevo.',
  'not-a-job': '{what} {ask}',
};
