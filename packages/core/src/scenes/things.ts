/** Things and people: a leaf beside a ruler, a rucksack, five cairns, five weathers, two who talk. */
import { drawn, type Scene } from './scene.js';

/** How long the leaf is, in the ruler's centimetres. */
export const LEAF = 12;

/** A leaf along a ruler without figures: every mark is a centimetre, the long ones are five. */
export function leaf(): Scene {
  const centimetre = 38;
  const marks = Array.from({ length: 16 }, (_, at) => `M${35 + at * centimetre} 372v${at % 5 === 0 ? 62 : 34}`).join(
    '',
  );
  const [from, to] = [35, 35 + LEAF * centimetre];
  return drawn(
    640,
    520,
    `<rect width="640" height="520" fill="#e7eef3"/><path d="M0 80H640M0 160H640M0 240H640M0 320H640M0 400H640M0 480H640M80 0V520M160 0V520M240 0V520M320 0V520M400 0V520M480 0V520M560 0V520" stroke="#d0dce5" stroke-width="2"/>
<path d="M${from} 270Q${from + 130} 100 ${to - 90} 180Q${to - 40} 214 ${to} 236Q${to - 60} 300 ${to - 150} 330Q${from + 120} 370 ${from} 270Z" fill="#4f9a63" stroke="#00685f" stroke-width="5"/>
<path d="M${from} 270Q${from + 220} 240 ${to} 236M${from + 90} 258L${from + 150} 186M${from + 90} 258L${from + 160} 322M${from + 180} 248L${from + 250} 176M${from + 180} 248L${from + 260} 322M${from + 280} 240L${from + 340} 190M${from + 280} 240L${from + 350} 296" stroke="#d5ecd0" stroke-width="6" fill="none" stroke-linecap="round"/>
<path d="M${from} 130V368M${to} 130V368" stroke="#bb3608" stroke-width="3" stroke-dasharray="10 8"/>
<rect x="15" y="372" width="610" height="96" rx="8" fill="#ffcb3d" stroke="#14202c" stroke-width="4"/><path d="${marks}" stroke="#14202c" stroke-width="4"/>`,
  );
}

/** A rucksack, packed for what is taken along. */
export function rucksack(): Scene {
  return drawn(
    640,
    520,
    `<rect width="640" height="520" fill="#e9dcee"/><path d="M0 430Q200 396 400 420T640 410V520H0Z" fill="#cdb6d6"/>
<path d="M206 210Q150 250 158 400Q160 430 190 430H210ZM434 210Q490 250 482 400Q480 430 450 430H430Z" fill="#5f1d6b"/>
<path d="M258 130Q262 78 320 78Q378 78 382 130" stroke="#5f1d6b" stroke-width="18" fill="none" stroke-linecap="round"/>
<path d="M196 240Q196 120 320 120Q444 120 444 240V430Q444 458 416 458H224Q196 458 196 430Z" fill="#8d3c9a"/>
<path d="M196 250Q196 152 320 152Q444 152 444 250Q320 316 196 250Z" fill="#7a2787"/><rect x="300" y="262" width="40" height="44" rx="8" fill="#f8b67c" stroke="#41194f" stroke-width="5"/>
<path d="M236 330H404V420Q404 434 390 434H250Q236 434 236 420Z" fill="#7a2787"/><path d="M250 352H390" stroke="#f8b67c" stroke-width="7" stroke-dasharray="15 9" stroke-linecap="round"/>
<path d="M372 122Q392 60 450 40Q452 96 404 140Z" fill="#1f6655"/><path d="M386 122Q410 84 440 60" stroke="#9edbbc" stroke-width="5" fill="none"/>
<path d="M220 140L180 66L204 56L250 122Z" fill="#fdf3fa" stroke="#41194f" stroke-width="4"/><path d="M192 70l44 58" stroke="#a03f10" stroke-width="4" stroke-dasharray="12 8"/>`,
  );
}

/** Five cairns, from one stone to five: how well something stands. */
export function cairns(): Scene {
  const stones = ['#8a6a4c', '#a5805a', '#b98f63', '#7a5a3e', '#96714c'];
  const cairn = (at: number) =>
    Array.from(
      { length: at + 1 },
      (_, up) =>
        `<ellipse cx="${116 + at * 232 + (up % 2 === 0 ? 4 : -4)}" cy="${186 - up * 31}" rx="${62 - up * 9}" ry="18" fill="${stones[up]}"/>`,
    ).join('');
  return drawn(
    1160,
    220,
    `<rect width="1160" height="220" fill="#ffe3ae"/><path d="M0 150Q240 112 500 140T1160 108V220H0Z" fill="#f3c98c"/><path d="M0 196Q320 178 640 194T1160 186V220H0Z" fill="#d9a060"/>${[0, 1, 2, 3, 4].map(cairn).join('')}`,
  );
}

/** Five weathers, from storm to sunshine. */
export function weathers(): Scene {
  const cloud = (x: number, y: number, colour: string) =>
    `<g transform="translate(${x} ${y})" fill="${colour}"><circle cx="-38" cy="8" r="28"/><circle r="42"/><circle cx="42" cy="8" r="32"/><rect x="-66" y="8" width="140" height="30" rx="15"/></g>`;
  const sun = (x: number, y: number, size: number) =>
    `<g transform="translate(${x} ${y}) scale(${size})"><g stroke="#f2a63b" stroke-width="9" stroke-linecap="round">${Array.from({ length: 10 }, (_, at) => `<path d="M0-58v-18" transform="rotate(${at * 36})"/>`).join('')}</g><circle r="44" fill="#ffc94f"/></g>`;
  const skies = ['#5f7486', '#84a0b0', '#b3d3dc', '#c8e9f0', '#d9f3f6'];
  return drawn(
    1160,
    220,
    `${skies.map((colour, at) => `<rect x="${at * 232}" width="232" height="220" fill="${colour}"/>`).join('')}
${cloud(116, 76, '#36586a')}<path d="M120 116L88 164H116L100 206L150 150H120L140 116Z" fill="#ffc94f"/>
${cloud(348, 76, '#4f6d7e')}<path d="M310 134l-12 40M346 134l-12 40M382 134l-12 40M328 178l-8 24M366 178l-8 24" stroke="#dff3f2" stroke-width="8" stroke-linecap="round"/>
${cloud(580, 106, '#f4fcf8')}
${sun(776, 86, 0.8)}${cloud(834, 128, '#f4fcf8')}
${sun(1044, 110, 1.05)}`,
  );
}

/** Two who talk to each other. */
export function talking(): Scene {
  const person = (x: number, turned: string, hair: string, skin: string, coat: string) =>
    `<g transform="translate(${x} 0)${turned}"><path d="M-96 520Q-96 372 0 372Q96 372 96 520Z" fill="${coat}"/><rect x="-24" y="330" width="48" height="60" rx="20" fill="${skin}"/><path d="M-78 280Q-84 196 0 192Q84 196 76 282Q72 350 0 354Q-70 350-78 280Z" fill="${skin}"/><path d="M-86 290Q-104 168 4 170Q96 176 84 262Q40 258 22 224Q-20 256-60 250Q-60 280-86 290Z" fill="${hair}"/><circle cx="16" cy="280" r="7" fill="#2c1939"/><circle cx="58" cy="280" r="7" fill="#2c1939"/><path d="M22 316q18 16 36 0" stroke="#2c1939" stroke-width="6" fill="none" stroke-linecap="round"/></g>`;
  return drawn(
    640,
    520,
    `<rect width="640" height="520" fill="#f0e4f3"/><circle cx="320" cy="560" r="330" fill="#e0cde6"/>
${person(178, '', '#3a2233', '#c98f68', '#1f6655')}${person(462, ' scale(-1 1)', '#c9762c', '#f0c7a0', '#7a2787')}
<path d="M96 40H276Q300 40 300 64V112Q300 136 276 136H214L192 168L176 136H96Q72 136 72 112V64Q72 40 96 40Z" fill="#fffafd" stroke="#2c1939" stroke-width="5"/><path d="M108 74H264M108 102H220" stroke="#1f6655" stroke-width="9" stroke-linecap="round"/>
<path d="M366 22H548Q572 22 572 46V94Q572 118 548 118H470L450 150L432 118H366Q342 118 342 94V46Q342 22 366 22Z" fill="#fffafd" stroke="#2c1939" stroke-width="5"/><path d="M378 56H536M378 84H480" stroke="#a03f10" stroke-width="9" stroke-linecap="round"/>`,
  );
}
