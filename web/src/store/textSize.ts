/** How large a person reads on this device, per cent. */
export const textSizes = [100, 125, 150] as const;
export type TextSize = (typeof textSizes)[number];

const KEY = 'zymostat.textSize';

export const textSize = (): TextSize => {
  const kept = Number(localStorage.getItem(KEY));
  return textSizes.find((one) => one === kept) ?? 100;
};

/** Shows the page as large as this device keeps it. */
export const showTextSize = (): void => {
  document.documentElement.style.zoom = `${textSize()}%`;
};

export const setTextSize = (size: TextSize): void => {
  localStorage.setItem(KEY, String(size));
  showTextSize();
};
