/** Night scenes on the saltmarsh, drawn as SVG in the theme's colours: one marsh under different skies. */

/** What makes one scene differ from the next. */
export interface MarshScene {
  /** Sky colours from top to horizon. */
  readonly sky: readonly [string, string, string];
  /** Middle of the moon, in slide units, or `null` without one. */
  readonly moon: readonly [number, number] | null;
  readonly hills: string;
  readonly marsh: string;
  readonly water: string;
  /** What stands in the scene. */
  readonly with: readonly Feature[];
}

/** Things that can stand in a scene. */
export type Feature =
  'boardwalk' | 'fork' | 'gate' | 'hide' | 'owl' | 'otter' | 'ripples' | 'tracks' | 'lantern' | 'flood' | 'rail';

/** A scene as an SVG of 1280 × 720. */
export function drawMarsh(scene: MarshScene): string {
  const [top, middle, low] = scene.sky;
  const moon = scene.moon
    ? `<circle cx="${scene.moon[0]}" cy="${scene.moon[1]}" r="46" fill="#f3e5c3"/><circle cx="${scene.moon[0] - 14}" cy="${scene.moon[1] - 10}" r="8" fill="#e2d0a4"/><circle cx="${scene.moon[0] + 16}" cy="${scene.moon[1] + 12}" r="5" fill="#e2d0a4"/>`
    : '';
  return `<svg xmlns="http://www.w3.org/2000/svg" width="1280" height="720" viewBox="0 0 1280 720">
<defs><linearGradient id="sky" x1="0" y1="0" x2="0" y2="1"><stop offset="0" stop-color="${top}"/><stop offset=".55" stop-color="${middle}"/><stop offset="1" stop-color="${low}"/></linearGradient></defs>
<rect width="1280" height="720" fill="url(#sky)"/>${stars()}${moon}
<path d="M0 410 Q160 372 330 398 T700 388 T1010 402 T1280 372 V720 H0Z" fill="${scene.hills}"/>
<path d="M0 470 Q240 430 520 462 T1000 452 T1280 470 V720 H0Z" fill="${scene.marsh}"/>
<path d="M0 540 Q220 500 470 532 T900 522 T1280 548 V600 Q980 566 640 588 T0 584Z" fill="${scene.water}" opacity=".75"/>
${scene.with.map((feature) => features[feature]).join('\n')}
${reeds(11, 30, 390)}${reeds(29, 900, 1260)}
</svg>`;
}

/** Reeds between two places, the same ones every time. */
function reeds(seed: number, from: number, to: number): string {
  let state = seed;
  const next = () => (state = (state * 16807) % 2147483647) / 2147483647;
  let drawn = '';
  for (let count = 0; count < 26; count += 1) {
    const x = from + next() * (to - from);
    const tall = 70 + next() * 90;
    const lean = next() * 18 - 9;
    drawn += `<path d="M${x.toFixed(0)} 722 q${(lean / 2).toFixed(0)} ${(-tall / 2).toFixed(0)} ${lean.toFixed(0)} ${(-tall).toFixed(0)}" stroke="#12302f" stroke-width="4" fill="none"/>`;
    if (count % 2 === 0) {
      drawn += `<rect x="${(x + lean - 4).toFixed(0)}" y="${(722 - tall - 18).toFixed(0)}" width="8" height="26" rx="4" fill="#6a3f22"/>`;
    }
  }
  return drawn;
}

function stars(): string {
  let state = 7;
  const next = () => (state = (state * 16807) % 2147483647) / 2147483647;
  let drawn = '';
  for (let count = 0; count < 34; count += 1) {
    drawn += `<circle cx="${(next() * 1280).toFixed(0)}" cy="${(next() * 300).toFixed(0)}" r="${(0.8 + next() * 1.4).toFixed(1)}" fill="#f6f1e7" opacity="${(0.25 + next() * 0.6).toFixed(2)}"/>`;
  }
  return drawn;
}

const planks = (points: string) =>
  `<path d="${points}" fill="#a98a60"/><path d="${points}" fill="none" stroke="#5e4526" stroke-width="4" stroke-dasharray="3 20"/>`;

const features: Readonly<Record<Feature, string>> = {
  boardwalk: planks('M520 720 L600 480 L664 480 L770 720Z'),
  fork: `${planks('M540 720 L606 560 L690 560 L740 720Z')}${planks('M606 566 L420 470 L452 458 L660 560Z')}${planks('M640 566 L860 452 L890 466 L690 566Z')}`,
  gate: '<g fill="#5e4526"><rect x="470" y="420" width="26" height="250"/><rect x="800" y="420" width="26" height="250"/><rect x="470" y="470" width="356" height="22"/><rect x="470" y="560" width="356" height="22"/><path d="M476 582 L820 470 L826 490 L482 602Z"/></g>',
  hide: '<g><path d="M760 300 L1010 300 L1060 350 L710 350Z" fill="#3b2c1a"/><rect x="740" y="350" width="290" height="150" fill="#6a4d2c"/><rect x="775" y="385" width="220" height="38" fill="#16282d"/><g fill="#4a351d"><rect x="750" y="500" width="18" height="150"/><rect x="1002" y="500" width="18" height="150"/></g><path d="M700 650 L760 500 M724 650 L784 500 M708 610 L738 610 M722 575 L752 575 M736 540 L766 540" stroke="#4a351d" stroke-width="10"/></g>',
  owl: '<g transform="translate(560 210)"><path d="M0 40 Q-120 -40 -230 10 Q-130 30 -40 74Z" fill="#e9dcc0"/><path d="M0 40 Q130 -60 250 -10 Q140 20 44 74Z" fill="#e9dcc0"/><ellipse cx="4" cy="62" rx="44" ry="52" fill="#f6efdd"/><circle cx="4" cy="24" r="34" fill="#f6efdd"/><circle cx="-9" cy="22" r="7" fill="#1d2b2a"/><circle cx="18" cy="22" r="7" fill="#1d2b2a"/><path d="M0 32 h9 l-4 12z" fill="#b4492a"/></g>',
  otter:
    '<g transform="translate(560 470)"><path d="M0 90 Q60 -10 170 40 Q240 70 300 96 Q200 120 0 110Z" fill="#4a3526"/><circle cx="34" cy="52" r="40" fill="#5a4130"/><circle cx="20" cy="42" r="5" fill="#f6f1e7"/><circle cx="46" cy="40" r="5" fill="#f6f1e7"/><ellipse cx="30" cy="60" rx="12" ry="8" fill="#2b1f16"/><path d="M-10 62 h26 M-8 70 h24 M44 64 h28 M44 72 h26" stroke="#e9dcc0" stroke-width="2"/></g>',
  ripples:
    '<g fill="none" stroke="#dfeeea" stroke-width="5" opacity=".8"><ellipse cx="430" cy="560" rx="40" ry="10"/><ellipse cx="430" cy="560" rx="90" ry="22"/><ellipse cx="430" cy="560" rx="150" ry="36"/></g>',
  tracks:
    '<g fill="#12302f">' +
    [0, 1, 2, 3, 4]
      .map(
        (step) =>
          `<g transform="translate(${470 + step * 76} ${668 - step * 26}) rotate(24)"><ellipse rx="13" ry="10"/><circle cx="-13" cy="-15" r="5"/><circle cx="-4" cy="-20" r="5"/><circle cx="6" cy="-20" r="5"/><circle cx="15" cy="-14" r="5"/></g>`,
      )
      .join('') +
    '</g>',
  lantern:
    '<g transform="translate(610 330)"><circle cx="30" cy="80" r="150" fill="#f0b65a" opacity=".18"/><circle cx="30" cy="80" r="90" fill="#f0b65a" opacity=".28"/><rect x="0" y="40" width="60" height="84" rx="10" fill="#f7d48a" stroke="#3b2c1a" stroke-width="8"/><path d="M10 36 Q30 -10 50 36" fill="none" stroke="#3b2c1a" stroke-width="8"/></g>',
  flood:
    '<path d="M0 500 Q320 470 640 500 T1280 496 V720 H0Z" fill="#4f8a8f" opacity=".85"/><g stroke="#dfeeea" stroke-width="4" opacity=".6"><path d="M120 560 h160 M420 610 h220 M780 570 h180 M980 640 h200" /></g>',
  rail: '<g transform="translate(560 480)"><ellipse cx="60" cy="60" rx="76" ry="46" fill="#6b5138"/><circle cx="132" cy="22" r="26" fill="#5d6d7a"/><path d="M154 20 L214 30 L154 34Z" fill="#b4492a"/><circle cx="138" cy="16" r="5" fill="#f6f1e7"/><path d="M40 100 l-8 50 M80 102 l6 48" stroke="#8a5a3a" stroke-width="7"/><path d="M-14 44 l-34 -24 10 44z" fill="#6b5138"/></g>',
};
