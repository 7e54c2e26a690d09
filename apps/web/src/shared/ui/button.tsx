/** Buttons: one main action a screen, plain ones beside it, quiet ones within lists. */
import type { ComponentProps } from 'react';
import { Tip } from './tip';
import { useKeptFocus } from './use-kept-focus';

/** How a button looks; `lasting` for one by which something is ended that lasts until then. */
type ButtonLook = 'main' | 'plain' | 'quiet' | 'danger' | 'lasting';

const looks: Readonly<Record<ButtonLook, string>> = {
  main: 'bg-tide text-on-tide border-tide hover:brightness-110',
  plain: 'bg-card text-ink border-edge hover:border-ink',
  quiet: 'bg-transparent text-ink border-transparent hover:bg-rule/50',
  danger: 'bg-card text-berry border-berry hover:bg-berry hover:text-card',
  lasting: 'bg-amber/15 text-amber border-amber hover:bg-amber/25 forced-colors:border-3 forced-colors:border-dashed',
};

/** Classes of a button, also for links that look like one. */
export function buttonClasses(look: ButtonLook = 'plain', extra = ''): string {
  return `inline-flex min-h-control items-center justify-center gap-2 rounded-md border px-3.5 font-semibold disabled:cursor-not-allowed disabled:opacity-55 aria-disabled:cursor-not-allowed aria-disabled:opacity-55 ${looks[look]} ${extra}`;
}

type ButtonProps = ComponentProps<'button'> & { look?: ButtonLook };

export function Button({ look = 'plain', className = '', type = 'button', ...rest }: ButtonProps) {
  const props = useKeptFocus(rest);
  return <button type={type} className={buttonClasses(look, className)} {...props} />;
}

/** A button that shows an icon only; its name is spoken and shown as a tip. */
export function IconButton({
  name,
  className = '',
  pressed,
  ...rest
}: ComponentProps<'button'> & { name: string; pressed?: boolean }) {
  const props = useKeptFocus(rest);
  return (
    <Tip text={name}>
      <button
        type="button"
        aria-label={name}
        aria-pressed={pressed}
        className={`inline-flex size-control flex-none items-center justify-center rounded-md border border-transparent hover:bg-rule/50 disabled:cursor-not-allowed disabled:opacity-40 aria-disabled:cursor-not-allowed aria-disabled:opacity-40 ${pressed ? 'bg-dusk-wash text-dusk' : ''} ${className}`}
        {...props}
      />
    </Tip>
  );
}
