/** What is in hand while the slide is drawn on. */
import { colourIn, type Theme } from '@gobrel/core/deck';
import { Check, Eraser, Highlighter, PenLine, Shapes } from 'lucide-react';
import { messages } from '../../../shared/messages';
import { Button, IconButton } from '../../../shared/ui';
import { endInk, INK_WEIGHTS, type InkTool, useInking } from './inking';

const tools = [
  ['pen', PenLine],
  ['highlighter', Highlighter],
  ['eraser', Eraser],
] as const;

/** The theme's colours that show on its ground. */
const inks = ['words', 'accent', 'second', 'third', 'soft'] as const;

export function InkBar({ theme }: { theme: Theme }) {
  const says = messages.ink;
  const inking = useInking();
  const { tool, weight, straightens } = inking;
  const color = tool === 'eraser' ? null : inking.color[tool];
  const take = (next: InkTool) => useInking.setState({ tool: next, last: null });
  return (
    <div
      role="toolbar"
      aria-label={says.title}
      className="absolute bottom-1.5 left-1/2 z-20 flex w-max max-w-[calc(100%-1rem)] -translate-x-1/2 flex-wrap items-center gap-0.5 rounded-md border border-edge bg-card p-1 shadow-lg"
    >
      {tools.map(([name, Icon]) => (
        <IconButton key={name} name={says.tools[name]} pressed={tool === name} onClick={() => take(name)}>
          <Icon size={18} aria-hidden />
        </IconButton>
      ))}
      <Rule />
      {inks.map((ink) => (
        <button
          key={ink}
          type="button"
          aria-label={messages.colours[ink]}
          title={messages.colours[ink]}
          aria-pressed={color === ink}
          disabled={color === null}
          onClick={() =>
            tool !== 'eraser' && useInking.setState({ color: { ...inking.color, [tool]: ink }, last: null })
          }
          className="grid size-9 place-items-center rounded-md hover:bg-rule/50 disabled:opacity-40 aria-pressed:bg-rule pointer-coarse:size-11"
        >
          <span
            className="says-by-colour size-5 rounded-full border border-edge"
            style={{ background: colourIn(theme, ink) }}
          />
        </button>
      ))}
      <Rule />
      {INK_WEIGHTS[tool].map((_, place) => (
        <IconButton
          key={place}
          name={says.weights[(['fine', 'usual', 'wide'] as const)[place] ?? 'usual']}
          pressed={weight === place}
          onClick={() => useInking.setState({ weight: place, last: null })}
        >
          <span className="rounded-full bg-current" style={{ width: 5 + place * 5, height: 5 + place * 5 }} />
        </IconButton>
      ))}
      <Rule />
      <IconButton
        name={says.straightens}
        pressed={straightens}
        disabled={tool === 'eraser'}
        onClick={() => useInking.setState({ straightens: !straightens })}
      >
        <Shapes size={18} aria-hidden />
      </IconButton>
      <Button look="main" className="ms-1" onClick={endInk}>
        <Check size={18} aria-hidden /> {says.done}
      </Button>
    </div>
  );
}

function Rule() {
  return <span aria-hidden className="mx-1 h-6 border-s border-rule" />;
}
