/** What a form says that could not be sent. */
import type { Problem } from '@gobrel/contract';
import { renderToStaticMarkup } from 'react-dom/server';
import { faultsOf, messageOf, Refusal } from '../api';
import { FormTrouble } from './form-trouble';

const refused = (problem: Omit<Problem, 'status'>) => new Refusal({ status: 422, ...problem });
const said = (error: unknown) => renderToStaticMarkup(<FormTrouble error={error} fields={['email']} />);

test('what a field says is not said again', () => {
  expect(said(refused({ code: 'not-valid', fields: { email: 'email' } }))).toBe('');
  expect(said(null)).toBe('');
});

test('what no field says is said, also when others say something', () => {
  expect(said(refused({ code: 'wrong-password' }))).toContain('Wrong e-mail or password');
  expect(said(refused({ code: 'not-valid', fields: { name: 'own-name', email: 'email' } }))).toContain(
    'Enter your name (up to 80 characters).',
  );
  expect(said(new Error('x'))).toContain('Something went wrong');
});

test('faults are in words by their fields; what is no refusal has none', () => {
  expect(faultsOf(refused({ code: 'address-taken', fields: { email: 'address-taken' } }))).toEqual({
    email: 'There’s already an account with this address. Sign in, or use another address.',
  });
  expect(faultsOf(new Error('x'))).toEqual({});
  expect(messageOf(refused({ code: 'not-found', values: { what: 'deck' } }))).toBe(
    'There is no such deck here, or it is not yours. Check the address.',
  );
});
