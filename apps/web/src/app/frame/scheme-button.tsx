/** Switches between the light scheme and lamp. */
import { Lamp } from 'lucide-react';
import { IconButton } from '../../shared/ui';
import { messages } from '../../shared/messages';
import { useScheme } from './scheme';

export function SchemeButton() {
  const { scheme, choose } = useScheme();
  return (
    <IconButton
      name={messages.common.lamp}
      pressed={scheme === 'lamp'}
      onClick={() => choose(scheme === 'lamp' ? 'light' : 'lamp')}
    >
      <Lamp size={20} aria-hidden />
    </IconButton>
  );
}
