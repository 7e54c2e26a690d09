/** A field to look for something by its words; Escape empties it, as browsers do. */
import { Search } from 'lucide-react';

interface SearchFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly className?: string;
}

export function SearchField({ label, value, onChange, className = '' }: SearchFieldProps) {
  return (
    <label
      className={`flex min-h-control min-w-0 items-center gap-2 rounded-md border border-edge bg-card px-2.5 ${className}`}
    >
      <Search size={18} aria-hidden className="flex-none text-soft" />
      <input
        type="search"
        aria-label={label}
        placeholder={label}
        maxLength={200}
        className="min-w-0 flex-1 bg-transparent outline-none"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  );
}
