/** A menu of actions behind a button. */
import { Check } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';

export function Menu({ trigger, children }: { trigger: ReactNode; children: ReactNode }) {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>{trigger}</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          className="z-40 max-h-[70vh] min-w-48 overflow-auto rounded-md border border-edge bg-card p-1"
        >
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

export function MenuEntry({
  onSelect,
  danger,
  children,
}: {
  onSelect: () => void;
  danger?: boolean;
  children: ReactNode;
}) {
  return (
    <DropdownMenu.Item
      onSelect={onSelect}
      className={`flex min-h-11 items-center gap-2.5 rounded px-3 outline-none data-[highlighted]:bg-dusk-wash ${danger ? 'text-berry' : ''}`}
    >
      {children}
    </DropdownMenu.Item>
  );
}

/** An entry that is on or off. */
export function MenuSwitch({
  on,
  onChange,
  children,
}: {
  on: boolean;
  onChange: (on: boolean) => void;
  children: ReactNode;
}) {
  return (
    <DropdownMenu.CheckboxItem
      checked={on}
      onCheckedChange={onChange}
      className="flex min-h-11 items-center gap-2.5 rounded px-3 outline-none data-[highlighted]:bg-dusk-wash"
    >
      {children}
      <DropdownMenu.ItemIndicator className="ms-auto">
        <Check size={18} aria-hidden />
      </DropdownMenu.ItemIndicator>
    </DropdownMenu.CheckboxItem>
  );
}

export function MenuRule() {
  return <DropdownMenu.Separator className="my-1 h-px bg-rule" />;
}
