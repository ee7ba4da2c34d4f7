import type { Home, MaterialId, Setting } from '../../src/index.ts';

/** A home of one bath, with surfaces of these materials as they are set. */
export const bathHome = (
  surfaces: readonly (readonly [MaterialId, Setting])[],
  more: Partial<Home['rooms'][number]> = {},
): Home => ({
  id: 'home',
  situations: [],
  rooms: [
    {
      id: 'bath',
      name: 'Bath',
      floorArea: 4,
      height: 2.4,
      ventilation: 'window',
      flame: 'no',
      surfaces: surfaces.map(([material, setting], k) => ({
        id: `${material} ${k}`,
        name: material,
        material,
        level: 'hand',
        area: 0.2,
        touched: 'often',
        food: false,
        thing: 'surface',
        soil: 'everyday',
        setting,
      })),
      ...more,
    },
  ],
});
