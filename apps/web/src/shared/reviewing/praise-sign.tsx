/** The stickers of praise, drawn by signs of the open set that ships, each with its name. */
import type { Praise } from '@gobrel/core/review';
import { Compass, type LucideIcon, Shell, Star, Sun, TowerControl, Waves } from 'lucide-react';
import { messages } from '../messages';

const signs: Readonly<Record<Praise, LucideIcon>> = {
  star: Star,
  sun: Sun,
  shell: Shell,
  lighthouse: TowerControl,
  compass: Compass,
  wave: Waves,
};

export function PraiseSign({ praise, size = 28 }: { praise: Praise; size?: number }) {
  const Sign = signs[praise];
  return (
    <span
      role="img"
      aria-label={messages.reviewing.praises[praise]}
      className="inline-flex items-center justify-center rounded-full border-2 border-current bg-card p-1.5 text-clay"
    >
      <Sign size={size} aria-hidden />
    </span>
  );
}
