/** Which passwords are not taken. */
import { isGuessable } from './password-rules.js';

const owner = { name: 'Nadia Quill', email: 'nadia.quill@marrambay.example' };

test.each([
  'qwertyuiop',
  'Password123',
  'basketball',
  'Basketball2026!',
  '1234567890',
  'aaaaaaaaaaaa',
  'abababababab',
  'jihgfedcba',
  'nadia.quill',
  'Nadia Quill',
  'nadia.quill@marrambay.example',
  'NADIA.QUILL99',
])('%s is not taken', (password) => expect(isGuessable(password, owner)).toBe(true));

test.each([
  'saltmarsh at night',
  'ten letters and more',
  'vier paar eenden',
  '潮の満ち引きと月の光だ',
  'Quill and feather',
])('%s is taken', (password) => expect(isGuessable(password, owner)).toBe(false));
