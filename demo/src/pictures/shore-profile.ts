/** The shore from the sea wall to the low water line, in profile, drawn as SVG. */

/** The profile as an SVG of 1280 × 720. */
export function drawShoreProfile(): string {
  return `<svg xmlns="http://www.w3.org/2000/svg" width="1280" height="720" viewBox="0 0 1280 720">
<rect width="1280" height="720" fill="#eaf1ef"/>
<rect y="430" width="1280" height="290" fill="#a5c4c6"/>
<path d="M0 260 Q230 236 430 340 Q620 440 900 500 Q1100 545 1280 604 V720 H0Z" fill="#cdb68b"/>
<path d="M0 306 Q230 288 420 392 Q620 492 900 552 Q1100 596 1280 650 V720 H0Z" fill="#b29b6b"/>
<path d="M640 430 H1280" stroke="#0f5c5a" stroke-width="4" stroke-dasharray="14 8"/>
<text x="1130" y="418" font-family="sans-serif" font-size="22" fill="#0f5c5a">high water</text>
<g fill="#8f7a4f">${[90, 210, 330, 470, 610, 740, 880, 1010, 1150].map((x, at) => `<ellipse cx="${x}" cy="${650 + (at % 3) * 18}" rx="${22 + (at % 4) * 6}" ry="9"/>`).join('')}</g>
</svg>`;
}
