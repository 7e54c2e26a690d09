/** A deck as a picture: slides, and routes that part and meet again. */
export function DividingRoute() {
  return (
    <svg viewBox="0 0 360 176" className="w-full max-w-sm" fill="none" strokeLinecap="round" aria-hidden>
      <g stroke="var(--clay)" strokeWidth="2.5">
        <path d="M84 88C116 88 96 40 126 40" />
        <path d="M84 96C116 96 96 136 126 136" />
        <path d="M206 40c34 0 22 36 58 42" />
        <path d="M206 136c34 0 22-36 58-42" strokeDasharray="2 8" />
      </g>
      <g fill="var(--card)" stroke="var(--edge)" strokeWidth="2">
        <rect x="4" y="66" width="80" height="52" rx="6" />
        <rect x="126" y="14" width="80" height="52" rx="6" />
        <rect x="126" y="110" width="80" height="52" rx="6" />
        <rect x="268" y="62" width="80" height="52" rx="6" />
      </g>
      <path d="M16 82h32M16 94h52" stroke="var(--rule)" strokeWidth="5" />
      <path d="M127 54l22-18 18 14 14-10 24 16v8a5 5 0 0 1-5 5h-68a5 5 0 0 1-5-5z" fill="var(--tide)" opacity="0.28" />
      <circle cx="186" cy="28" r="6" fill="var(--amber)" opacity="0.6" />
      <g stroke="var(--dusk)" strokeWidth="2">
        <rect x="136" y="122" width="26" height="13" rx="3" fill="var(--dusk-wash)" />
        <rect x="170" y="122" width="26" height="13" rx="3" strokeDasharray="4 3" />
        <rect x="136" y="142" width="26" height="13" rx="3" strokeDasharray="4 3" />
        <rect x="170" y="142" width="26" height="13" rx="3" fill="var(--dusk-wash)" />
      </g>
      <path d="m296 90 9 9 17-20" stroke="var(--tide)" strokeWidth="5" strokeLinejoin="round" />
      <g fill="var(--clay)">
        <circle cx="84" cy="92" r="5" />
        <circle cx="206" cy="40" r="4" />
        <circle cx="206" cy="136" r="4" />
      </g>
    </svg>
  );
}
