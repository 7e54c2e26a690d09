/** A route that ends before it has got anywhere: for addresses where nothing is. */
export function LostRoute() {
  return (
    <svg viewBox="0 0 240 132" className="w-60 flex-none" fill="none" strokeLinecap="round" aria-hidden>
      <g fill="var(--card)" stroke="var(--edge)" strokeWidth="2">
        <rect x="8" y="70" width="64" height="40" rx="5" />
        <rect x="104" y="16" width="64" height="40" rx="5" />
        <rect x="168" y="76" width="64" height="40" rx="5" strokeDasharray="6 6" fill="none" />
      </g>
      <path d="M18 82h28M18 92h40" stroke="var(--rule)" strokeWidth="4" />
      <path d="M114 28h28M114 38h40" stroke="var(--rule)" strokeWidth="4" />
      <path d="M72 86c22 0 12-46 30-49" stroke="var(--clay)" strokeWidth="2.5" />
      <path d="M72 94c30 6 54 4 92 3" stroke="var(--clay)" strokeWidth="2.5" strokeDasharray="2 8" />
      <circle cx="72" cy="90" r="5" fill="var(--clay)" />
    </svg>
  );
}
