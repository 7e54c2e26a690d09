/** The panel beside the slides, which folds away so that the slide has its room. */
import { PanelRightClose, PanelRightOpen } from 'lucide-react';
import type { ReactNode } from 'react';
import { IconButton, isNarrowScreen } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { togglePanel, useDesk } from '../state/desk';

export function SidePanel({ children }: { children: ReactNode }) {
  const isHidden = useDesk((desk) => desk.panelHidden) ?? isNarrowScreen();
  if (isHidden)
    return (
      <aside aria-label={messages.editor.panel} className="flex-none border-s border-rule bg-card p-1">
        <IconButton name={messages.editor.showPanel} onClick={togglePanel}>
          <PanelRightOpen size={18} aria-hidden />
        </IconButton>
      </aside>
    );
  return (
    <aside
      aria-label={messages.editor.panel}
      className="relative w-64 flex-none overflow-y-auto border-s border-rule bg-card px-3.5 pb-4 pointer-coarse:w-72"
    >
      <IconButton name={messages.editor.hidePanel} className="!absolute end-1 top-1" onClick={togglePanel}>
        <PanelRightClose size={18} aria-hidden />
      </IconButton>
      {children}
    </aside>
  );
}
