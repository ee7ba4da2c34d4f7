/** What to do first. Source: general first response (poison control, OSHA). */
export const response = {
  'stop-leave':
    'Stop. Leave the room. Take people and animals with you. Do not go back for the bottle.',
  'stop-step-back': 'Stop. Step back. Do not lean over it.',
  'do-not-touch': 'Do not touch, shake or close the bottle. Step away from it.',
  'if-open': 'If it is open, leave it open. Leave the room.',
  'do-not-move': 'Do not move or touch the bottle. It can explode.',
  'shut-and-call': 'Shut the door and call the emergency number, {emergency}. Do not fight a fire.',
  'still-call': 'Nobody hurt and nothing burning: still call. Poison line: {poison}.',
  fire: 'Fire or smoke: do not fight it. Shut the door and call the emergency number, {emergency}. Poison line: {poison}.',
  'fresh-air': 'Go into fresh air.',
  'fresh-air-window': 'Go into fresh air. Open a window only if it is on the way out.',
  'window-on-the-way': 'Leave the room and open the window on the way out.',
  call: 'Coughing hard, hard to breathe, drowsy, burnt, or something in the eyes: call the emergency number, {emergency}. If nobody feels ill: call the poison line, {poison}.',
  eyes: 'Eyes: take contact lenses out, then rinse with running water for 15 minutes. Skin: take wet clothes off, rinse.',
  swallowed:
    'Swallowed: rinse the mouth. Drink no more than a sip of water. Do not make the person vomit. Call the poison line.',
  later: 'Breathing trouble can come up to 48 hours later: see a doctor.',
  'no-third': 'Do not pour a third product on it.',
  'write-down': 'Write it down in the log.',
} as const;
