/** The language of the interface, chosen for this device; each is called what it calls itself. */
import { language, languages, messages } from '../../shared/messages';
import { Select } from '../../shared/ui';

/** How long a choice is kept, in seconds. */
const A_YEAR = 365 * 24 * 60 * 60;

export function LanguageChoice() {
  return (
    <Select
      label={messages.frame.language}
      bare
      value={language}
      options={languages.map((each) => ({ value: each.language, name: each.name }))}
      onChange={(chosen) => {
        // The server sends the page in it: a page of another language is another page.
        document.cookie = `language=${chosen}; path=/; max-age=${A_YEAR}; samesite=lax`;
        window.location.reload();
      }}
    />
  );
}
