import { isSameCode } from '../src/ui/codes.ts';
import { aReason, figureBetween } from '../src/ui/form/checks.ts';

test('what is not written yet is said so, without empty quotation marks', () => {
  expect(figureBetween(0.02, 120, 'min')('')).toBe(
    'Nothing is written yet: 0.02 to 120 min is allowed.',
  );
  expect(figureBetween(0.02, 120, 'min')('500')).toBe('Found “500”. 0.02 to 120 min is allowed.');
  expect(figureBetween(0.02, 120, 'min')('4')).toBeNull();
});

test('a reason of two letters says what is too short', () => {
  expect(aReason('ok')).toContain('at least 10 characters');
  expect(aReason('Tested at the hidden edge')).toBeNull();
});

test.each([
  ['F-002', 'f002', true],
  ['F-002', 'F 2', true],
  ['F-002', ' f-2 ', true],
  ['B-0041', 'b41', true],
  ['S-0101', 's.101', true],
  ['F-002', 'f-020', false],
  ['F-002', 'B-002', false],
  ['F-002', '', false],
  ['F-002', 'F', false],
  ['F-002', '2', false],
])('%s typed as “%s”: %s', (code, typed, same) => expect(isSameCode(code, typed)).toBe(same));
