import fc from 'fast-check';
import { embedCode, embeddedHeight } from './embedding.js';

const slide = { width: 1280, height: 720 };

test('the code is one frame, whatever the deck is called', () => {
  fc.assert(
    fc.property(fc.oneof(fc.string(), fc.constantFrom('"><script>', "'onload=", '</iframe>')), (title) => {
      const code = embedCode({ site: 'https://gobrel.example', address: 'saltmarshAtNight', title, slide, width: 960 });
      expect(code.match(/</g)).toHaveLength(2);
      expect(code).toMatch(/^<iframe src="https:\/\/gobrel\.example\/embed\/saltmarshAtNight" title="[^"<>]*" style="/);
      expect(code).toContain('max-width:960px;aspect-ratio:960/600');
    }),
  );
});

test('its height has room for the slide as it is, and the bar below it', () => {
  fc.assert(
    fc.property(fc.integer({ min: 240, max: 2000 }), fc.integer({ min: 200, max: 3000 }), (width, height) => {
      const shown = embeddedHeight({ slide: { width: 1000, height }, width }) - 73;
      expect(Math.abs(shown - ((width - 24) * height) / 1000)).toBeLessThanOrEqual(0.5);
    }),
  );
});
