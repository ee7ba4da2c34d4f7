export const family = {
  peroxide: 'Peróxido',
  alcohol: 'Alcohol',
  vinegar: 'Vinagre',
  product: 'Producto registrado',
};

export const active = {
  'hydrogen peroxide': 'peróxido de hidrógeno',
  ethanol: 'etanol',
  '2-propanol': '2-propanol',
  'acetic acid': 'ácido acético',
  'registered product': 'producto registrado',
};

export const component = {
  water: 'agua',
  ethanol: 'etanol',
  '2-propanol': '2-propanol',
  'hydrogen peroxide': 'peróxido de hidrógeno',
  'acetic acid': 'ácido acético',
  'citric acid': 'ácido cítrico',
  'hydrochloric acid': 'ácido clorhídrico',
  'sulfuric acid': 'ácido sulfúrico',
  'sodium hydrogencarbonate': 'bicarbonato de sodio',
  'sodium carbonate': 'sosa para lavar (carbonato)',
  'sodium hydroxide': 'sosa cáustica',
  borax: 'bórax',
  ammonia: 'amoníaco',
  'sodium hypochlorite': 'cloro (hipoclorito)',
  soap: 'jabón',
  'fatty acid': 'ácido graso, del jabón cortado',
  detergent: 'detergente',
  quat: 'amonio cuaternario',
  glycerol: 'glicerina',
  'scent oil': 'aceite',
  acetone: 'acetona',
  terpene: 'trementina o aceite cítrico',
  'fatty oil': 'aceite graso',
  'oxalic acid': 'ácido oxálico',
  'hydrofluoric acid': 'ácido fluorhídrico',
  'sodium dithionite': 'quitacolor',
  metal: 'plata o cobre',
  'table salt': 'sal',
  starch: 'almidón, goma o azúcar',
  'sodium acetate': 'acetato de sodio, una sal débil',
  'sodium citrate': 'citrato de sodio, una sal débil',
  'boric acid': 'ácido bórico',
  'carbon dioxide': 'dióxido de carbono',
  oxygen: 'oxígeno',
  chlorine: 'cloro',
  chloramine: 'cloramina',
};

export const outcome = { use: 'Usar', care: 'Cuidado', never: 'Nunca' };

export const severity = {
  fine: 'Pueden juntarse',
  'no-rule': 'Sin regla conocida',
  care: 'Cuidado',
  spoils: 'Se anulan',
  never: 'Nunca',
};

export const goal = {
  clean: 'Limpiar',
  reduce: 'Reducir',
  sanitise: 'Sanitizar',
  disinfect: 'Desinfectar',
};

export const against = {
  everyday: 'gérmenes de todos los días',
  food: 'contacto con alimentos',
  poultry: 'pollo o carne crudos',
  respiratory: 'gripe, COVID o VRS',
  cold: 'un resfriado',
  norovirus: 'enfermedad del estómago (norovirus)',
  'c-difficile': 'C. difficile',
  'candida-auris': 'Candida auris',
  mildew: 'moho',
  allergen: 'un alérgeno',
  'blood-spot': 'una mancha pequeña de sangre o fluido corporal',
  blood: 'más sangre o fluido corporal que una mancha',
};

export const level = {
  above: 'Arriba',
  eye: 'Ojos',
  hand: 'Manos',
  knee: 'Rodillas',
  toilet: 'Inodoro',
  mirror: 'Espejo',
  floor: 'Piso',
};

export const touched = {
  seldom: 'se toca poco',
  daily: 'se toca a diario',
  often: 'se toca mucho',
};

export const ventilation = {
  none: 'sin ventana ni extractor',
  window: 'ventana',
  fan: 'extractor',
};

export const situation = {
  infant: 'bebé',
  toddler: 'niño pequeño (gatea, se lleva cosas a la boca)',
  cat: 'gato',
  dog: 'perro',
  bird: 'pájaro',
  fish: 'pecera',
  asthma: 'asma o sensibilidad a olores',
  'home-oxygen': 'oxígeno en casa',
  pregnancy: 'embarazo',
  'weak-immunity': 'defensas bajas',
  dementia: 'demencia o riesgo de autolesión',
  'floor-heating': 'calefacción por el piso encendida',
};

export const flame = {
  unknown: 'todavía no se preguntó',
  no: 'no',
  hob: 'una cocina de gas que se puede apagar',
  flame: 'piloto, calentador de gas, fuego o alguien que fuma',
};

export const route = {
  vessel: 'Botella',
  surface: 'Superficie',
  drain: 'Desagüe',
  air: 'Aire',
  caddy: 'Canasta',
  shelf: 'Estante',
};

export const product = {
  'chlorine-bleach': 'Cloro (blanqueador)',
  'cistern-tablet': 'Pastilla de cloro en el tanque',
  'pool-shock': 'Cloro de piscina, seco',
  vinegar: 'Vinagre',
  'citric-descaler': 'Quitasarro cítrico',
  'acid-toilet-cleaner': 'Limpiador ácido de inodoros',
  'lemon-juice': 'Jugo de limón',
  ammonia: 'Amoníaco',
  'ammonia-glass-cleaner': 'Limpiavidrios con amoníaco',
  urine: 'Orina, inodoro sin descargar',
  'peroxide-household': 'Peróxido al 3 %',
  'peroxide-strong': 'Peróxido al 12 %',
  percarbonate: 'Blanqueador de oxígeno en polvo, en agua',
  'rubbing-alcohol': 'Alcohol de farmacia',
  'methylated-spirit': 'Alcohol de quemar',
  'nail-polish-remover': 'Quitaesmalte',
  'baking-soda': 'Bicarbonato de sodio',
  'washing-soda': 'Sosa para lavar',
  'oven-cleaner': 'Limpiahornos (sosa cáustica)',
  'alkaline-drain-opener': 'Destapacaños alcalino',
  'acid-drain-opener': 'Destapacaños ácido',
  'castile-soap': 'Jabón de Castilla',
  'washing-up-liquid': 'Líquido lavaplatos',
  'quat-spray': 'Spray o toallita con amonio cuaternario',
  'muriatic-acid': 'Ácido muriático',
  'rust-remover': 'Quitaóxido (fluorhídrico)',
  'colour-remover': 'Quitacolor',
  'hot-water': 'Agua caliente, más de 40 °C',
  'aluminium-pan': 'Olla de aluminio',
  glycerine: 'Glicerina',
  borax: 'Bórax',
  'colloidal-silver': 'Plata coloidal',
  'essential-oil': 'Aceite esencial',
  water: 'Agua',
  'unlabelled-bottle': 'Botella sin etiqueta',
};

export const group = {
  hypochlorite: 'cloro (blanqueador)',
  'dry-chlorine': 'cloro seco',
  acid: 'ácido',
  ammonia: 'amoníaco',
  peroxide: 'peróxido',
  alcohol: 'alcohol',
  ketone: 'acetona',
  carbonate: 'bicarbonato o sosa',
  'strong-alkali': 'álcali fuerte',
  'strong-acid': 'ácido fuerte',
  soap: 'jabón',
  detergent: 'detergente',
  quat: 'amonio cuaternario',
  borax: 'bórax',
  metal: 'metal',
  oil: 'aceite',
  water: 'agua',
  unknown: 'desconocido',
  'calcium-hypochlorite': 'hipoclorito de calcio (choque de piscina)',
  isocyanurate: 'pastillas de cloro',
  hydrofluoric: 'ácido fluorhídrico',
  'rust-remover': 'quitaóxido',
  reducer: 'quitacolor',
  urine: 'orina',
  aluminium: 'aluminio',
  'hot-water': 'agua caliente',
  'boiling-water': 'agua hirviendo',
};
