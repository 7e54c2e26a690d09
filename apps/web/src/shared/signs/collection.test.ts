import { pictureName } from './collection';

test('the sign that asks for colour is left out of a name unless characters are joined', () => {
  expect(pictureName('1F419')).toBe('1f419');
  expect(pictureName('2600-FE0F')).toBe('2600');
  expect(pictureName('1F3F4-200D-2620-FE0F')).toBe('1f3f4-200d-2620-fe0f');
});
