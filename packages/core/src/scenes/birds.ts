/** Birds: a heron with its parts, an owl on a post at night, a flock on a sandbank to be counted. */
import { drawn, type Scene, thrown, whole } from './scene.js';

/** How many birds stand on the sandbank. */
export const FLOCK = 60;

/** Where the parts of the heron are, as shares of the picture: beak, neck, wing, leg. */
export const HERON_PARTS: readonly (readonly [x: number, y: number])[] = [
  [0.2, 0.24],
  [0.42, 0.43],
  [0.66, 0.52],
  [0.56, 0.83],
];

const reed = (x: number, tall: number, lean: number, colour: string) =>
  `<path d="M${x} 520q${lean / 2} ${-tall / 2} ${lean} ${-tall}" stroke="${colour}" stroke-width="5" fill="none" stroke-linecap="round"/>`;

/** A heron in shallow water. */
export function heron(): Scene {
  return drawn(
    640,
    520,
    `<rect width="640" height="520" fill="#d9e8d8"/>
<circle cx="520" cy="104" r="52" fill="#f4efcf"/>
<path d="M0 300Q130 262 290 286T640 268V520H0Z" fill="#b3cfb6"/>
<path d="M0 384Q180 356 360 378T640 366V520H0Z" fill="#7fb0ad"/>
<path d="M60 440h120M330 470h170M470 420h110M200 496h90" stroke="#d9ece8" stroke-width="5" stroke-linecap="round"/>
<path d="M352 330L346 470M398 330L404 462" stroke="#6b4a22" stroke-width="9" stroke-linecap="round"/>
<path d="M346 470l-26 10M346 470l20 12M404 462l-24 12M404 462l22 10" stroke="#6b4a22" stroke-width="6" stroke-linecap="round"/>
<path d="M276 300Q262 236 310 216Q392 190 452 244Q490 282 556 322Q470 330 424 350Q330 372 276 300Z" fill="#6d8597"/>
<path d="M318 262Q392 228 446 270Q486 304 540 322Q440 322 396 332Q330 330 318 262Z" fill="#4d6579"/>
<path d="M346 276Q400 262 436 292M352 300Q402 290 446 312" stroke="#8ba1b0" stroke-width="5" fill="none" stroke-linecap="round"/>
<path d="M292 306Q252 262 262 218Q268 186 246 160Q228 138 206 148Q232 178 226 214Q222 272 292 306Z" fill="#e8ecea"/>
<path d="M262 222q4 30 20 50" stroke="#6d8597" stroke-width="5" stroke-dasharray="9 9" fill="none"/>
<circle cx="222" cy="140" r="32" fill="#f2f5f1"/>
<path d="M200 118Q240 96 292 120Q262 126 244 128Z" fill="#20303a"/>
<path d="M198 132L96 134Q86 136 98 142L198 152Z" fill="#d98a1f"/>
<circle cx="212" cy="136" r="6" fill="#20303a"/><circle cx="210" cy="134" r="2" fill="#fff"/>
${reed(44, 210, 14, '#2f5f4a')}${reed(70, 160, -10, '#3c7058')}${reed(96, 190, 20, '#2f5f4a')}${reed(566, 180, -16, '#3c7058')}${reed(592, 230, 10, '#2f5f4a')}${reed(616, 150, 18, '#3c7058')}
<g fill="#6a3f22"><rect x="52" y="292" width="12" height="36" rx="6"/><rect x="110" y="312" width="12" height="36" rx="6"/><rect x="596" y="272" width="12" height="36" rx="6"/></g>`,
  );
}

/** An owl on a post at night, listening. */
export function owl(): Scene {
  const throwOne = thrown(11);
  const stars = Array.from({ length: 24 }, () => {
    const [x, y, size] = [throwOne() * 640, throwOne() * 260, 1 + throwOne() * 2];
    return `<circle cx="${whole(x)}" cy="${whole(y)}" r="${size.toFixed(1)}" fill="#fdf0da" opacity=".8"/>`;
  }).join('');
  return drawn(
    640,
    520,
    `<rect width="640" height="520" fill="#2a2136"/>${stars}
<circle cx="500" cy="108" r="58" fill="#ffe2a4"/><circle cx="484" cy="94" r="10" fill="#f0c97f"/><circle cx="520" cy="124" r="7" fill="#f0c97f"/>
<path d="M0 372Q140 330 300 356T640 330V520H0Z" fill="#3a2b3c"/><path d="M0 440Q200 402 380 428T640 410V520H0Z" fill="#241a22"/>
<rect x="286" y="396" width="58" height="124" fill="#6a4a2e"/><path d="M300 404v116M322 404v116" stroke="#503622" stroke-width="4"/>
<path d="M232 260Q218 380 292 408L340 408Q412 378 400 260Q394 168 316 164Q238 168 232 260Z" fill="#c58f4e"/>
<path d="M262 290Q256 388 316 404Q376 388 370 290Q316 330 262 290Z" fill="#f7e6c6"/>
<path d="M284 330q8 10 16 0M308 330q8 10 16 0M332 330q8 10 16 0M296 356q8 10 16 0M320 356q8 10 16 0" stroke="#c58f4e" stroke-width="5" fill="none" stroke-linecap="round"/>
<path d="M316 250Q262 300 244 244Q240 186 296 184Q312 186 316 204Q320 186 336 184Q392 186 388 244Q370 300 316 250Z" fill="#fbf0d8" stroke="#a06f38" stroke-width="5"/>
<circle cx="282" cy="232" r="20" fill="#1d1612"/><circle cx="350" cy="232" r="20" fill="#1d1612"/><circle cx="276" cy="225" r="6" fill="#fff"/><circle cx="344" cy="225" r="6" fill="#fff"/>
<path d="M306 250h20l-10 28z" fill="#d98a1f"/>
<path d="M236 280Q210 350 258 400Q262 330 250 284ZM396 280Q424 350 374 400Q370 330 384 284Z" fill="#a06f38"/>
<path d="M296 404v18M308 404v18M326 404v18M338 404v18" stroke="#d98a1f" stroke-width="7" stroke-linecap="round"/>
<g transform="translate(118 452)"><ellipse rx="34" ry="20" fill="#9c7a5c"/><circle cx="-32" cy="-4" r="15" fill="#9c7a5c"/><circle cx="-32" cy="-20" r="9" fill="#c9a184"/><circle cx="-38" cy="-6" r="3" fill="#1d1612"/><path d="M32 4Q66 10 76 -14" stroke="#c9a184" stroke-width="5" fill="none" stroke-linecap="round"/></g>`,
  );
}

/** Waders on a sandbank, as many as `FLOCK` says. */
export function flock(): Scene {
  const throwOne = thrown(23);
  const columns = 10;
  const birds = Array.from({ length: FLOCK }, (_, at) => {
    const row = Math.floor(at / columns);
    const x = 48 + (at % columns) * 58 + (row % 2) * 20 + throwOne() * 22;
    const y = 214 + row * 46 + throwOne() * 20;
    const size = 0.6 + row * 0.08;
    const looks = throwOne() < 0.5 ? -size : size;
    return `<g transform="translate(${whole(x)} ${whole(y)}) scale(${looks.toFixed(2)} ${size.toFixed(2)})"><path d="M-4 10v16M6 10v16" stroke="#391f10" stroke-width="3"/><ellipse rx="22" ry="13" fill="#7a5638"/><ellipse cx="2" cy="5" rx="16" ry="7" fill="#fff3de"/><circle cx="20" cy="-11" r="9" fill="#7a5638"/><path d="M28 -12l18 4-18 3z" fill="#391f10"/><circle cx="22" cy="-13" r="2" fill="#fff"/></g>`;
  }).join('');
  return drawn(
    640,
    520,
    `<rect width="640" height="520" fill="#ffe3ae"/><circle cx="120" cy="86" r="46" fill="#fff6df"/>
<path d="M0 128Q200 108 400 124T640 112V220H0Z" fill="#5f9a9c"/><path d="M60 150h120M300 142h160M520 160h80" stroke="#b9d9d4" stroke-width="5" stroke-linecap="round"/>
<path d="M0 196Q160 160 340 176T640 170V520H0Z" fill="#eec48a"/><path d="M0 420Q200 396 420 420T640 404V520H0Z" fill="#e2ae6c"/>${birds}`,
  );
}
