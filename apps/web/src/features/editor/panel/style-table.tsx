/** The text styles of a theme, each on a line: size, font, weight and colour. */
import {
  colourIn,
  colourNames,
  type FontName,
  fontNames,
  isColourName,
  type StyledLook,
  type TextStyleName,
  textStyleNames,
  type TextStyles,
  type Theme,
  weights,
} from '@gobrel/core/deck';
import { messages } from '../../../shared/messages';
import { NumberField, POINTS } from './parts';

interface StyleTableProps {
  readonly theme: Theme;
  readonly onChange: (styles: TextStyles) => void;
}

const field = 'min-h-control min-w-0 rounded-md border border-edge bg-card px-1';

export function StyleTable({ theme, onChange }: StyleTableProps) {
  const set = (name: TextStyleName, fields: Partial<StyledLook>) =>
    onChange({ ...theme.styles, [name]: { ...theme.styles[name], ...fields } });
  return (
    <>
      <h3 className="mb-1 mt-4 text-base">{messages.textStyles.title}</h3>
      <div className="flex flex-col gap-2">
        {textStyleNames.map((name) => {
          const style = theme.styles[name];
          const title = messages.textStyles.names[name];
          return (
            <div key={name} className="grid grid-cols-2 items-center gap-2 sm:grid-cols-[6rem_1fr_1fr_1fr_1fr]">
              <span className="font-semibold">{title}</span>
              <NumberField
                label={messages.textStyles.sizeOf({ style: title })}
                shown={messages.editor.size}
                value={style.size * POINTS}
                least={6}
                most={300}
                onChange={(points) => set(name, { size: Math.min(400, Math.max(8, points / POINTS)) })}
              />
              <select
                aria-label={messages.textStyles.fontOf({ style: title })}
                className={field}
                value={style.font ?? ''}
                onChange={(event) =>
                  set(name, { font: fontNames.find((font): font is FontName => font === event.target.value) ?? null })
                }
              >
                <option value="">
                  {messages.textStyles.usualFont}:{' '}
                  {messages.editor.fonts[style.heading ? theme.headingFont : theme.textFont]}
                </option>
                {fontNames.map((font) => (
                  <option key={font} value={font}>
                    {messages.editor.fonts[font]}
                  </option>
                ))}
              </select>
              <select
                aria-label={messages.textStyles.weightOf({ style: title })}
                className={field}
                value={style.weight ?? ''}
                onChange={(event) =>
                  set(name, { weight: weights.find((weight) => String(weight) === event.target.value) ?? null })
                }
              >
                <option value="">{messages.textStyles.usualWeight}</option>
                {weights.map((weight) => (
                  <option key={weight} value={weight}>
                    {messages.textStyles.weights[weight]}
                  </option>
                ))}
              </select>
              <span className="flex items-center gap-1.5">
                <span
                  aria-hidden
                  className="size-6 flex-none rounded border border-edge says-by-colour"
                  style={{ background: colourIn(theme, style.color) }}
                />
                <select
                  aria-label={messages.textStyles.colourOf({ style: title })}
                  className={`${field} flex-1`}
                  value={style.color}
                  onChange={(event) => set(name, { color: event.target.value })}
                >
                  {colourNames
                    .filter((colour) => colour !== 'ground')
                    .map((colour) => (
                      <option key={colour} value={colour}>
                        {messages.colours[colour]}
                      </option>
                    ))}
                  {isColourName(style.color) ? null : <option value={style.color}>{style.color}</option>}
                </select>
              </span>
            </div>
          );
        })}
      </div>
      <p className="mt-2 text-sm text-soft">{messages.textStyles.hint}</p>
    </>
  );
}
