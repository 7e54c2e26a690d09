/** The language of the interface, chosen for this device and, where somebody is signed in, for their account. */
import { useMutation } from '@tanstack/react-query';
import { ask, messageOf } from '../../shared/api';
import { language, languages, messages } from '../../shared/messages';
import { Select, showToast } from '../../shared/ui';
import { speak } from './language';

export function LanguageChoice({ inAccount = false }: { readonly inAccount?: boolean }) {
  const choose = useMutation({
    mutationFn: async (chosen: string) => {
      if (inAccount) await ask('PUT', '/accounts/language', { language: chosen });
      return chosen;
    },
    onSuccess: speak,
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  return (
    <Select
      label={messages.frame.language}
      bare
      value={language}
      // Each is called what it calls itself.
      options={languages.map((each) => ({ value: each.language, name: each.name }))}
      onChange={(chosen) => choose.mutate(chosen)}
    />
  );
}
