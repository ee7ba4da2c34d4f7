import QRCode from 'qrcode';
import { readCode } from '../src/ui/readCode.ts';

/** A code as a camera sees it: black on white, a few pixels to the module, a white rim. */
const pictureOf = (text: string, scale = 4, rim = 4) => {
  const { modules } = QRCode.create(text, {});
  const across = (modules.size + 2 * rim) * scale;
  const data = new Uint8ClampedArray(4 * across * across).fill(255);
  for (let y = 0; y < across; y += 1)
    for (let x = 0; x < across; x += 1) {
      const [row, column] = [Math.floor(y / scale) - rim, Math.floor(x / scale) - rim];
      const isIn = [row, column].every((at) => at >= 0 && at < modules.size);
      if (isIn && modules.get(row, column))
        data.fill(0, 4 * (y * across + x), 4 * (y * across + x) + 3);
    }
  return { data, width: across, height: across };
};

test.each(['B-0043', 'F-003'])('the code of a label is read: %s', (code) => {
  expect(readCode(pictureOf(code))).toBe(code);
});

test('a picture without a code says nothing', () => {
  const { data, width, height } = pictureOf('B-0043');
  expect(readCode({ data: data.fill(255), width, height })).toBeUndefined();
});
