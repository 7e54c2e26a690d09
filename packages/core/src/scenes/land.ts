/** The land: the bay as a map, a lighthouse at dusk, a footbridge from the side, a signpost where ways part. */
import { drawn, type Scene, thrown, whole } from './scene.js';

/** Places on the map of the bay, as shares of the picture. */
export const BAY = {
  lighthouse: [0.845, 0.27],
  bridge: [0.49, 0.545],
  wood: [0.2, 0.77],
  /** Where the creek rises, and where it runs into the sea. */
  spring: [0.14, 0.2],
  mouth: [0.715, 0.74],
} as const;

/** The bay from above, on squared paper: hills, a creek with a bridge, a wood, houses, a headland with a lighthouse. */
export function bay(): Scene {
  const throwOne = thrown(31);
  const squares = [
    ...Array.from({ length: 24 }, (_, at) => `M${(at + 1) * 48} 0V480`),
    ...Array.from({ length: 9 }, (_, at) => `M0 ${(at + 1) * 48}H1160`),
  ].join('');
  const tree = (x: number, y: number) =>
    `<g transform="translate(${whole(x)} ${whole(y)})"><path d="M0 16v12" stroke="#6b4a22" stroke-width="5"/><circle r="18" fill="#3f7d55"/><circle cx="-5" cy="-5" r="7" fill="#5c9a70"/></g>`;
  const trees = Array.from({ length: 16 }, (_, at) =>
    tree(150 + (at % 6) * 32 + throwOne() * 12, 336 + Math.floor(at / 6) * 38 + throwOne() * 10),
  ).join('');
  const house = (x: number, y: number) =>
    `<g transform="translate(${x} ${y})"><path d="M-18 0h36v26h-36z" fill="#fffdf6" stroke="#17262b" stroke-width="3"/><path d="M-24 2L0-22L24 2Z" fill="#b23a22" stroke="#17262b" stroke-width="3" stroke-linejoin="round"/></g>`;
  const hill = (x: number, y: number) =>
    `<path transform="translate(${x} ${y})" d="M-54 22Q0-58 54 22M-20-8q8-10 18-12M-4 6q8-12 18-14" fill="none" stroke="#7a6a3c" stroke-width="5" stroke-linecap="round"/>`;
  return drawn(
    1160,
    480,
    `<rect width="1160" height="480" fill="#bfe0e4"/>
<path d="M0 0H900Q990 30 1050 96Q1080 150 1010 178Q930 190 880 214Q800 250 790 300Q800 360 850 410Q870 450 860 480H0Z" fill="#e6ecc6" stroke="#0b5f5c" stroke-width="5"/>
<path d="M900 0Q990 30 1050 96" stroke="#0b5f5c" stroke-width="5" fill="none"/><path d="${squares}" stroke="#0b5f5c" stroke-opacity=".14" stroke-width="2"/>
<path d="M162 96Q230 150 310 150T430 210Q520 262 600 250T720 320Q770 350 829 355" stroke="#5aa7bd" stroke-width="15" fill="none" stroke-linecap="round"/>
<path d="M162 96Q230 150 310 150T430 210Q520 262 600 250T720 320Q770 350 829 355" stroke="#d6eef0" stroke-width="4" fill="none" stroke-dasharray="26 30" stroke-linecap="round"/>
${hill(96, 70)}${hill(170, 44)}${hill(250, 84)}${trees}
${house(620, 120)}${house(676, 148)}${house(640, 184)}${house(724, 112)}${house(590, 170)}
<path d="M560 480Q540 380 568 300T610 210" stroke="#a98a60" stroke-width="9" fill="none" stroke-dasharray="18 12"/>
<g transform="translate(568 262) rotate(-6)"><rect x="-26" y="-30" width="52" height="60" rx="6" fill="#a98a60" stroke="#5e4526" stroke-width="5"/><path d="M-26-16h52M-26-2h52M-26 12h52" stroke="#5e4526" stroke-width="4"/></g>
<g transform="translate(980 128)"><path d="M-15 34L-10-34H10L15 34Z" fill="#fffdf6" stroke="#17262b" stroke-width="4"/><path d="M-13.500 14h27M-11.500-10h23" stroke="#b23a22" stroke-width="10"/><path d="M-14-34L0-58L14-34Z" fill="#b23a22" stroke="#17262b" stroke-width="4"/><path d="M26-44l30-12M26-34h32M-26-44l-30-12M-26-34h-32" stroke="#d9a21f" stroke-width="6" stroke-linecap="round"/></g>
<g stroke="#5aa7bd" stroke-width="5" fill="none" stroke-linecap="round"><path d="M940 300q20-14 40 0t40 0M1030 380q20-14 40 0t40 0M930 430q20-14 40 0t40 0M1060 250q16-12 32 0t32 0"/></g>
<g transform="translate(1086 424)"><circle r="34" fill="#fffdf6" stroke="#17262b" stroke-width="4"/><path d="M0-26L9 0L0 26L-9 0Z" fill="#17262b"/><path d="M0-26L9 0H-9Z" fill="#b23a22"/></g>`,
  );
}

/** A lighthouse at dusk. */
export function lighthouse(): Scene {
  return drawn(
    640,
    520,
    `<defs><linearGradient id="sky" x1="0" y1="0" x2="0" y2="1"><stop offset="0" stop-color="#23264d"/><stop offset=".6" stop-color="#7d4a72"/><stop offset="1" stop-color="#e08a5c"/></linearGradient></defs>
<rect width="640" height="520" fill="url(#sky)"/><path d="M0 348H640V520H0Z" fill="#2c3f66"/><path d="M60 376h120M300 388h90M470 370h120M40 440h90M250 470h120" stroke="#e8a57d" stroke-width="5" stroke-linecap="round" opacity=".7"/>
<path d="M424 136L0 60V190L424 158Z" fill="#ffe2a0" opacity=".42"/><path d="M456 136L640 96V190L456 158Z" fill="#ffe2a0" opacity=".42"/>
<path d="M280 520Q300 420 380 404Q460 384 560 420Q620 440 640 470V520Z" fill="#1c1f3d"/>
<path d="M394 410L414 188H466L486 410Z" fill="#fff4dd"/><path d="M406.500 270L411.200 220H468.800L473.500 270ZM397.200 374L401.800 324H478.200L482.800 374Z" fill="#b8434a"/>
<rect x="404" y="176" width="72" height="14" rx="4" fill="#1c1f3d"/><rect x="418" y="126" width="44" height="50" fill="#ffd57f"/><path d="M418 126v50M440 126v50M462 126v50" stroke="#1c1f3d" stroke-width="5"/><path d="M408 128L440 88L472 128Z" fill="#b8434a"/><path d="M440 88v-18" stroke="#1c1f3d" stroke-width="5"/>
<path d="M430 410v-34q10-14 20 0v34z" fill="#1c1f3d"/><rect x="434" y="288" width="12" height="20" rx="5" fill="#1c1f3d"/>
<path d="M90 250q14-14 28 0q14-14 28 0M190 210q10-10 20 0q10-10 20 0" stroke="#fff4dd" stroke-width="4" fill="none" stroke-linecap="round"/>`,
  );
}

/** A footbridge from the side: four posts, so that there are three spans. */
export function footbridge(): Scene {
  const posts = [70, 236, 402, 568];
  return drawn(
    640,
    520,
    `<rect width="640" height="520" fill="#e7eef3"/><path d="M0 80H640M0 160H640M0 240H640M0 320H640M0 400H640M0 480H640M80 0V520M160 0V520M240 0V520M320 0V520M400 0V520M480 0V520M560 0V520" stroke="#c5d3de" stroke-width="2"/>
<path d="M0 404Q160 388 320 404T640 404V520H0Z" fill="#8fb6cf"/><path d="M60 440h110M260 456h130M470 436h110" stroke="#e7eef3" stroke-width="5" stroke-linecap="round"/>
${posts.map((x) => `<rect x="${x - 12}" y="170" width="24" height="286" fill="#6b4a22"/><circle cx="${x}" cy="170" r="14" fill="#ffcb3d" stroke="#14202c" stroke-width="4"/>`).join('')}
<path d="M40 292H600" stroke="#14202c" stroke-width="6"/><path d="M40 204H600" stroke="#6b4a22" stroke-width="12"/>
${Array.from({ length: 42 }, (_, at) => `<rect x="${whole(72 + at * 11.81)}" y="292" width="9" height="22" fill="#a98a60" stroke="#5e4526" stroke-width="1.500"/>`).join('')}
<g stroke="#1a4fc0" stroke-width="4" fill="none"><path d="M70 110V140M236 110V140M402 110V140M568 110V140M70 124H236M236 124H402M402 124H568"/><path d="M82 116L70 124L82 132M224 116L236 124L224 132M248 116L236 124L248 132M390 116L402 124L390 132M414 116L402 124L414 132M556 116L568 124L556 132"/></g>`,
  );
}

/** A signpost where three ways part, by lantern light. */
export function signpost(): Scene {
  return drawn(
    640,
    520,
    `<rect width="640" height="520" fill="#2b2018"/><circle cx="320" cy="220" r="210" fill="#4b3520"/><circle cx="320" cy="220" r="140" fill="#6a4a26"/>
<path d="M0 396Q160 360 320 376T640 356V520H0Z" fill="#1d1612"/><path d="M250 520L300 372H340L400 520ZM300 384Q180 400 40 380L30 404Q200 430 306 410ZM340 384Q460 392 600 352L612 374Q470 424 338 410Z" fill="#a07a48"/>
<rect x="306" y="86" width="28" height="310" rx="6" fill="#7b5630"/>
<path d="M330 118H486L520 146L486 174H330Z" fill="#ffb84d"/><path d="M310 190H160L126 218L160 246H310Z" fill="#f7916c"/><path d="M330 262H450L484 290L450 318H330Z" fill="#aed28b"/>
<g fill="#1d1612"><circle cx="348" cy="146" r="5"/><circle cx="292" cy="218" r="5"/><circle cx="348" cy="290" r="5"/></g>
<path d="M372 146h80M166 218h96M372 290h52" stroke="#1d1612" stroke-width="9" stroke-linecap="round" stroke-dasharray="26 15"/>
<g transform="translate(236 78)"><path d="M0-34Q24-34 24-6" stroke="#7b5630" stroke-width="8" fill="none"/><circle r="66" cx="24" cy="34" fill="#ffd98f" opacity=".35"/><rect x="2" y="6" width="44" height="56" rx="9" fill="#ffe6ae" stroke="#1d1612" stroke-width="6"/><path d="M24 46q-12-14 0-28q12 14 0 28z" fill="#f7916c"/></g><path d="M260 42H318" stroke="#7b5630" stroke-width="10" stroke-linecap="round"/>`,
  );
}
