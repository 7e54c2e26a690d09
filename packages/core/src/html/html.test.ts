import { inHtml } from './index.js';

test('text begins no tag, ends no attribute and names no letter', () => {
  expect(inHtml('<b title="x">&amp;</b>')).toBe('&lt;b title=&quot;x&quot;&gt;&amp;amp;&lt;/b&gt;');
  expect(inHtml('Ñandú')).toBe('Ñandú');
});
