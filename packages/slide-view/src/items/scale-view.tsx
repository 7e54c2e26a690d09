/** Draws the scale of a question answered by a place along it, such as a timeline. */
import type { PointAxis } from '@gobrel/core/deck';
import type { CSSProperties } from 'react';

/** About so many steps, at round numbers. */
const STEPS = 6;

/** The round numbers of a scale: one, two or five times a power of ten apart (Heckbert 1990, Graphics Gems). */
function roundNumbers(from: number, to: number): readonly number[] {
  const rough = Math.abs(to - from) / STEPS;
  const power = 10 ** Math.floor(Math.log10(rough));
  const step = power * ([1, 2, 5, 10].find((each) => each * power >= rough) ?? 10);
  const first = Math.ceil(Math.min(from, to) / step);
  const last = Math.floor(Math.max(from, to) / step);
  return Array.from({ length: last - first + 1 }, (_, at) => Number(((first + at) * step).toPrecision(12)));
}

export function ScaleView({ axis }: { axis: PointAxis }) {
  const { from, to, upright, unit } = axis;
  return (
    <div className={upright ? 'gv-scale gv-upright-scale' : 'gv-scale'} aria-hidden="true">
      <i className="gv-along" />
      {roundNumbers(from, to).map((value) => {
        const share = (value - from) / (to - from);
        const at = upright ? { top: `${(1 - share) * 100}%` } : { left: `${share * 100}%` };
        const style: CSSProperties & Record<'--share', number> = { ...at, '--share': share };
        return (
          <span key={value} style={style}>
            <i className="gv-tick" />
            {value}
          </span>
        );
      })}
      {unit ? <em>{unit}</em> : null}
    </div>
  );
}
