/** The sign of the house: a way that divides. */
export function Brand() {
  return (
    <svg viewBox="0 0 32 32" className="size-8 flex-none" aria-hidden>
      <path
        d="M16 28 V18 L7 8 M16 18 L25 10"
        fill="none"
        stroke="currentColor"
        strokeWidth="2.6"
        strokeLinecap="round"
      />
      <circle cx="7" cy="7" r="3.6" fill="var(--clay)" />
      <circle cx="25" cy="9" r="3.6" fill="var(--tide)" />
      <circle cx="16" cy="28" r="2.6" fill="currentColor" />
    </svg>
  );
}
