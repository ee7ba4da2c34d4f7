export const routeMeans = {
  vessel: 'ni una botella que tuvo lo otro, hasta que esté lavada y con etiqueta nueva',
  surface: 'no mientras uno de los dos esté mojado ahí, o sin enjuagar',
  drain: 'no por el mismo desagüe en una visita',
  air: 'no los dos mojados a la vez en un cuarto pequeño o cerrado',
  caddy: 'no se llevan juntos: una botella que se cae se junta con la otra',
  shelf: 'en estantes distintos, bien separados',
};

export const happens = {
  chlorine: 'Juntos sueltan gas de cloro.',
  chloramine: 'Juntos sueltan cloraminas, que queman los ojos y los pulmones.',
  chloroform: 'El cloro convierte el alcohol en cloroformo y vapores clorados.',
  'oxygen-and-heat': 'Se destruyen entre sí con mucho oxígeno y calor, y salpican.',
  haloform: 'El cloro convierte la acetona en cloroformo.',
  'bleach-quat': 'La etiqueta de cada uno lo prohíbe: hay vapores, y ninguno funciona.',
  'hot-bleach': 'El agua caliente saca vapores de cloro del blanqueador.',
  'hypochlorite-reducer': 'El cloro y el quitacolor se calientan y sueltan gas venenoso.',
  'bleach-rust-remover': 'El cloro y el quitaóxido sueltan gas de cloro y calor.',
  'oil-oxidiser': 'El aceite suelta vapores y mancha lo que sigue mojado con él.',
  'two-dry-chlorines': 'Dos clases de cloro de piscina juntas se queman o explotan.',
  'chlorine-and-water': 'El agua echada sobre el polvo se calienta y salpica.',
  'ammonia-peroxide': 'Se gastan entre sí y se calientan.',
  'ammonia-alkali': 'El álcali fuerte saca gas de amoníaco.',
  'ammonia-urine': 'La orina vieja y el amoníaco suman vapores fuertes.',
  'alkali-aluminium': 'El álcali fuerte se come el aluminio y suelta hidrógeno, que se quema.',
  hydrofluoric: 'El ácido fluorhídrico quema a través de la piel, al principio sin dolor.',
  'boiling-alcohol': 'En agua hirviendo el alcohol se hace vapor de golpe, y puede encenderse.',
  'may-meet': 'Pueden juntarse.',
  'bleach-with-anything':
    'Nadie puede decir qué productos clorados se forman; la etiqueta lo prohíbe.',
  'dry-chlorine':
    'El cloro seco con cualquier otra cosa puede incendiarse, explotar o soltar gas de cloro.',
  peracid: 'El peróxido y el ácido hacen un perácido que quema ojos, piel y pulmones.',
  'organic-peroxide': 'Hacen peróxidos orgánicos, que explotan.',
  'peroxide-decomposes':
    'El peróxido se descompone rápido; en una botella cerrada el oxígeno la revienta.',
  'peroxide-alcohol':
    'Con peróxido de más de 10 % la mezcla puede explotar. Hasta 10 % los dos quedan demasiado débiles.',
  fizz: 'Se anulan y queda una sal débil; una botella cerrada revienta por el dióxido de carbono.',
  curdles: 'El jabón se corta en grumos grasosos que quedan; ninguno funciona.',
  'acid-borax':
    'El ácido se gasta; queda ácido bórico, que es venenoso si se traga y puede dañar al feto.',
  'acid-alkali': 'Calor violento y salpicaduras.',
  'strong-acid':
    'El ácido fuerte hierve y salpica con cualquier cosa que se le eche, también agua.',
  'two-drain-openers': 'Dos destapacaños se calientan, sueltan gas y salpican.',
  'quat-soap': 'El amonio cuaternario se une al jabón y ninguno funciona.',
  unknown: 'Nadie puede decir qué contiene.',
};

export const remedy = {
  chlorine:
    'Enjuague con mucha agua, seque y ventile antes de poner el otro. Deje correr mucha agua por el desagüe y deje lo otro para otro día. En el estante: el cloro abajo, y aparte.',
  chloramine:
    'Enjuague con mucha agua, seque y ventile. Descargue primero el inodoro. Nunca los dos en el aire de un mismo cuarto.',
  chloroform: 'Enjuague con mucha agua antes de poner el otro.',
  'oxygen-and-heat': 'Enjuague con mucha agua antes de poner el otro.',
  haloform: 'Enjuague con mucha agua antes de poner el otro.',
  'bleach-quat': 'Enjuague con mucha agua antes de poner el otro.',
  'hot-bleach': 'Solo agua fría.',
  'hypochlorite-reducer': 'Guárdelos en cuartos distintos. Nunca en una misma visita.',
  'bleach-rust-remover': 'Guárdelos en cuartos distintos. Nunca en una misma visita.',
  'oil-oxidiser': 'Enjuague antes de poner el otro.',
  'two-dry-chlorines': 'Nunca uno tras otro con la misma pala. Guárdelos en edificios distintos.',
  'chlorine-and-water': 'Solo el polvo seco en mucha agua, nunca agua sobre el polvo.',
  'ammonia-peroxide': 'Enjuague antes de poner el otro.',
  'ammonia-alkali': 'Enjuague con mucha agua y abra la ventana.',
  'ammonia-urine': 'Enjuague primero con agua.',
  'alkali-aluminium': 'Nunca sobre aluminio.',
  hydrofluoric: 'No lo use. Es para un especialista con licencia.',
  'boiling-alcohol': 'Deje que el agua se enfríe primero.',
  'may-meet': 'No hay que hacer nada en medio.',
  'bleach-with-anything': 'El cloro va solo con agua, en un recipiente que no tuvo nada más.',
  'dry-chlorine': 'Guárdelo seco, en su propio lugar, apartado de todo.',
  peracid: 'Enjuague y seque con un paño antes de poner el otro.',
  'organic-peroxide': 'Nunca en un mismo recipiente.',
  'peroxide-decomposes': 'Nunca en un mismo recipiente. Si ya pasó, no lo tape.',
  'peroxide-alcohol': 'Cada uno en su botella.',
  fizz: 'Enjuague entre los dos. Use uno después del otro.',
  curdles: 'Enjuague el primero antes de poner el otro.',
  'acid-borax': 'Cada uno en su botella.',
  'acid-alkali': 'Nunca en un mismo recipiente o desagüe. Deje un desagüe tratado a un plomero.',
  'strong-acid': 'Úselo solo, según su etiqueta. Deje un desagüe tratado a un plomero.',
  'two-drain-openers': 'Nunca un segundo. Deje el desagüe a un plomero y dígale qué tiene.',
  'quat-soap': 'Enjuague primero el jabón.',
  unknown:
    'Apártelo, póngale una etiqueta que diga “desconocido” y llévelo a un punto de residuos peligrosos.',
};

export const act = {
  rinse: 'enjuague con mucha agua',
  dry: 'seque con un paño',
  ventilate: 'ventile',
  flush: 'descargue bien',
  'flush-twice': 'descargue dos veces',
  'another-day': 'deje lo otro para otro día',
  'take-out': 'saque la pastilla',
  'let-cool': 'deje enfriar el agua',
  'powder-into-water': 'eche el polvo seco en mucha agua',
  apart: 'ponga uno en otro lugar',
  'own-vessel': 'ponga cada uno en su botella',
  'set-aside': 'apártelo, marcado “desconocido”',
};
