/** The forms that a chart can be placed in. */
import { type ChartForm, chartForms } from '@gobrel/core/deck';
import { messages } from '../../../shared/messages';
import { chartIcons } from './chart-group';

export function ChartPicker({ onPick }: { onPick: (form: ChartForm) => void }) {
  const says = messages.charts;
  return (
    <div role="group" aria-label={says.title} className="mt-1 border-t border-rule pt-1">
      <h3 className="px-2 py-1 font-sans text-sm font-semibold text-soft">{says.title}</h3>
      <div className="flex gap-1">
        {chartForms.map((form) => {
          const Icon = chartIcons[form];
          return (
            <button
              key={form}
              type="button"
              onClick={() => onPick(form)}
              className="flex min-h-11 flex-1 flex-col items-center justify-center gap-1 rounded-md p-1.5 text-xs font-semibold hover:bg-rule/50"
            >
              <Icon size={22} aria-hidden /> {says.short[form]}
            </button>
          );
        })}
      </div>
    </div>
  );
}
