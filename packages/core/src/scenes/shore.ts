/** The shore: a rock pool with crabs to be found, the tide, seals, tracks in the sand, one crab. */
import { drawn, type Scene, thrown, whole } from './scene.js';

/** The middles of the crabs in the rock pool, as shares of the picture. */
export const CRABS: readonly (readonly [x: number, y: number])[] = [
  [0.11, 0.72],
  [0.33, 0.36],
  [0.52, 0.8],
  [0.74, 0.44],
  [0.91, 0.74],
];

const crabAt = (x: number, y: number, size: number, colour: string) =>
  `<g transform="translate(${whole(x)} ${whole(y)}) scale(${size})"><path d="M-34 6q-22 2-28 18M-32 14q-14 6-16 20M34 6q22 2 28 18M32 14q14 6 16 20M-26-12q-24-10-26-28M26-12q24-10 26-28" stroke="${colour}" stroke-width="8" fill="none" stroke-linecap="round"/><path d="M-52-40q-22-4-16-28 6 12 16 10 4-14 16-12-2 22-16 30zM52-40q22-4 16-28-6 12-16 10-4-14-16-12 2 22 16 30z" fill="${colour}"/><ellipse rx="40" ry="27" fill="${colour}"/><path d="M-20 8q20 14 40 0" stroke="#fff" stroke-opacity=".5" stroke-width="5" fill="none" stroke-linecap="round"/><path d="M-10-24v-14M10-24v-14" stroke="${colour}" stroke-width="5"/><circle cx="-10" cy="-40" r="7" fill="#fff"/><circle cx="10" cy="-40" r="7" fill="#fff"/><circle cx="-9" cy="-39" r="3.5" fill="#0a2c3d"/><circle cx="11" cy="-39" r="3.5" fill="#0a2c3d"/></g>`;

const starAt = (x: number, y: number, size: number, colour: string) =>
  `<path transform="translate(${x} ${y}) scale(${size})" d="M0-40Q8-14 38-12Q14 2 24 33Q0 16-24 33Q-14 2-38-12Q-8-14 0-40Z" fill="${colour}"/>`;

const weedAt = (x: number, y: number, tall: number, colour: string) =>
  `<path d="M${x} ${y}q-16-${tall / 3} 4-${tall / 2}t-2-${tall / 2}M${x + 16} ${y}q16-${tall / 4} 2-${tall / 2.4}t8-${tall / 3}" stroke="${colour}" stroke-width="11" fill="none" stroke-linecap="round"/>`;

/** A rock pool from above, with five crabs among stones, weed, starfish and anemones. */
export function rockPool(): Scene {
  const throwOne = thrown(5);
  const pebbles = Array.from({ length: 46 }, () => {
    const [x, y, size] = [throwOne() * 1160, throwOne() * 480, 8 + throwOne() * 20];
    return `<ellipse cx="${whole(x)}" cy="${whole(y)}" rx="${whole(size)}" ry="${whole(size * 0.7)}" fill="${throwOne() < 0.5 ? '#9fcfd0' : '#b7dcd6'}"/>`;
  }).join('');
  const anemone = (x: number, y: number) =>
    `<g transform="translate(${x} ${y})"><g stroke="#ff9d94" stroke-width="9" stroke-linecap="round">${Array.from({ length: 10 }, (_, at) => `<path d="M0 0v-34" transform="rotate(${at * 36})"/>`).join('')}</g><circle r="15" fill="#b8243f"/></g>`;
  return drawn(
    1160,
    480,
    `<rect width="1160" height="480" fill="#84c3c8"/>${pebbles}
<path d="M0 0H1160V54Q1040 92 930 58T700 64T470 46T240 74T0 52Z" fill="#4a6675"/><path d="M0 480H1160V428Q1020 398 900 434T640 428T390 446T150 420T0 440Z" fill="#4a6675"/>
<path d="M0 60Q90 110 60 200T0 320ZM1160 80Q1080 120 1100 200T1160 330Z" fill="#5d7b8a"/>
<path d="M180 300q40-70 130-50t70 90q-70 40-140 20t-60-60zM590 170q60-60 150-30t50 90q-80 40-150 10t-50-70z" fill="#6f8f9c"/><path d="M210 296q40-40 90-30M622 172q50-36 100-20" stroke="#93b0b9" stroke-width="9" fill="none" stroke-linecap="round"/>
${weedAt(430, 400, 190, '#2f7a5c')}${weedAt(860, 430, 220, '#3a8a66')}${weedAt(120, 240, 130, '#2f7a5c')}${weedAt(1030, 260, 150, '#2f7a5c')}
${starAt(250, 250, 0.9, '#ffb35c')}${starAt(690, 360, 1.1, '#ff8d6b')}${starAt(980, 130, 0.8, '#ffb35c')}
${anemone(520, 130)}${anemone(1010, 380)}${anemone(300, 400)}
${CRABS.map(([x, y]) => crabAt(x * 1160, y * 480, 0.62, '#b8243f')).join('')}
<path d="M440 240h70M780 300h90M120 150h60M560 300h50" stroke="#dff3f2" stroke-width="6" stroke-linecap="round" opacity=".8"/>`,
  );
}

/** One crab on the sand. */
export function crab(): Scene {
  return drawn(
    480,
    360,
    `<rect width="480" height="360" fill="#f3dcae"/><path d="M0 0H480V96Q360 120 240 100T0 108Z" fill="#84c3c8"/><path d="M40 66h90M250 74h120" stroke="#dff3f2" stroke-width="6" stroke-linecap="round"/>${crabAt(240, 230, 1.9, '#b8243f')}`,
  );
}

/** Seven seals on the sand. */
export function seals(): Scene {
  const seal = (x: number, y: number, size: number, colour: string) =>
    `<g transform="translate(${x} ${y}) scale(${size})"><path d="M-90 18Q-70-26-10-30Q30-66 62-58Q92-50 88-22Q84-4 60 2Q40 36-40 32Q-70 34-104 46Q-116 30-90 18Z" fill="${colour}"/><path d="M-10 24q-4 20-30 26 2-20 6-28z" fill="#36586a"/><circle cx="66" cy="-36" r="5" fill="#0a2c3d"/><ellipse cx="88" cy="-26" rx="6" ry="5" fill="#0a2c3d"/><path d="M84-16l20 4M82-12l16 10" stroke="#0a2c3d" stroke-width="2"/></g>`;
  return drawn(
    640,
    520,
    `<rect width="640" height="520" fill="#bfe6ea"/><circle cx="110" cy="90" r="44" fill="#fff6d8"/><path d="M0 176Q160 150 320 170T640 156V300H0Z" fill="#3f8fa6"/><path d="M70 200h130M330 210h180M520 186h80" stroke="#bfe6ea" stroke-width="6" stroke-linecap="round"/><path d="M0 262Q180 226 360 246T640 236V520H0Z" fill="#f0d39a"/>
${seal(150, 282, 0.7, '#8fa6b2')}${seal(340, 270, 0.66, '#7d95a3')}${seal(520, 286, 0.74, '#8fa6b2')}${seal(200, 366, 0.9, '#6f8897')}${seal(430, 372, 0.94, '#8298a5')}${seal(160, 464, 1.05, '#8fa6b2')}${seal(450, 470, 1.1, '#6f8897')}`,
  );
}

/** Low water: a boat lies on the sand, and the moon stands over it. */
export function tide(): Scene {
  return drawn(
    640,
    520,
    `<rect width="640" height="520" fill="#cfe4e0"/><circle cx="500" cy="100" r="50" fill="#fffaea"/><circle cx="522" cy="88" r="44" fill="#cfe4e0"/>
<path d="M0 190Q170 168 330 184T640 172V250H0Z" fill="#4f8f99"/><path d="M40 210h110M290 222h140M500 204h90" stroke="#cfe4e0" stroke-width="5" stroke-linecap="round"/>
<path d="M0 240Q190 214 360 234T640 224V520H0Z" fill="#e9cf9e"/><path d="M0 300Q140 286 250 310T520 300T640 312V340Q520 330 400 350T140 340T0 346Z" fill="#8fbdbd"/>
<path d="M170 380L480 380Q462 456 400 456H250Q196 456 170 380Z" fill="#b23a22"/><path d="M170 380L480 380L474 402H180Z" fill="#fffaea"/><path d="M322 380V206" stroke="#5e4526" stroke-width="10"/><path d="M330 214L330 354H430Z" fill="#fffaea"/><path d="M312 240L312 354H248Z" fill="#ffd978"/>
<path d="M478 392Q560 410 590 470" stroke="#5e4526" stroke-width="5" fill="none"/><path d="M582 462l8 26 16-16" stroke="#475a60" stroke-width="8" fill="none" stroke-linecap="round"/>
<path d="M60 420h60M80 470h90M500 500h100" stroke="#d3b47c" stroke-width="6" stroke-linecap="round"/>`,
  );
}

/** Tracks of a bird with long toes across wet sand. */
export function tracks(): Scene {
  const step = (x: number, y: number, turn: number) =>
    `<g transform="translate(${x} ${y}) rotate(${turn})"><path d="M0 0V-58M0 0L-36-44M0 0L36-44M0 0V30" stroke="#7a4a24" stroke-width="11" stroke-linecap="round"/><circle r="9" fill="#7a4a24"/></g>`;
  return drawn(
    640,
    520,
    `<rect width="640" height="520" fill="#f2d19a"/><path d="M0 0H640V74Q520 104 400 80T160 92T0 70Z" fill="#5f9a9c"/><path d="M0 96Q160 116 320 102T640 108" stroke="#fff6df" stroke-width="9" fill="none" stroke-linecap="round"/>
${step(110, 470, 40)}${step(180, 372, 28)}${step(282, 352, 44)}${step(340, 250, 30)}${step(450, 238, 48)}${step(502, 150, 30)}
<path d="M70 240q60-16 120 0M420 430q70-18 150 0M60 150q50-10 90 0" stroke="#dfb678" stroke-width="7" fill="none" stroke-linecap="round"/>
<g transform="translate(540 380)"><path d="M0-34Q30-20 34 10Q0 30-34 10Q-30-20 0-34Z" fill="#fff3de"/><path d="M0-30V18M-14-24L-20 14M14-24L20 14" stroke="#d9a774" stroke-width="4"/></g>`,
  );
}
