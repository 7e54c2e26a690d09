/** A page that embeds a show, with the very code that is copied: what somebody sees in their school's page. */
import { EMBED_WIDTHS, embedCode } from '@gobrel/contract';
import { useState } from 'react';
import { useParams } from 'react-router';
import { messages } from '../../../shared/messages';
import { Select, usePageTitle } from '../../../shared/ui';
import { otherOrigin } from './other-origin';

/** Not known here, as what is embedded is looked at by its address alone: most slides are as wide. */
const USUAL_SLIDE = { width: 16, height: 9 };

export function Screen() {
  const says = messages.sharing;
  usePageTitle(says.schoolPage);
  const { address = '' } = useParams();
  const [width, setWidth] = useState('960');
  const site = otherOrigin(window.location);
  const safe = address.replace(/[^\w-]/g, '');
  const code = embedCode({ site, address: safe, title: says.show, slide: USUAL_SLIDE, width: Number(width) });
  return (
    <main className="mx-auto flex min-h-full max-w-5xl flex-col gap-4 bg-card p-6">
      <h1 className="text-3xl">{says.schoolPage}</h1>
      <p>{says.schoolText}</p>
      <Select
        label={says.embedWidth}
        value={width}
        options={EMBED_WIDTHS.map((each) => ({ value: String(each), name: says.pixels({ width: each }) }))}
        onChange={setWidth}
      />
      <div key={code} dangerouslySetInnerHTML={{ __html: code }} />
      <h2 className="text-xl">{says.code}</h2>
      <pre tabIndex={0} className="overflow-x-auto rounded-md border border-rule p-3 text-sm whitespace-pre-wrap">
        {code}
      </pre>
    </main>
  );
}
