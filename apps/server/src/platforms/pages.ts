/** The two pages that are shown beside a platform: one in its frame, from which one goes on in a tab of its own, and one that leads back. */
import { inHtml } from '@gobrel/core/html';
import type { Response } from 'express';
import { platformTexts } from './platform-texts.js';

const STYLE =
  'body{font:18px/1.5 system-ui,sans-serif;margin:0;padding:2rem;color:#2b2a26;background:#f6f2e8}' +
  'main{max-width:32rem;margin:auto;text-align:center}a,button{display:inline-block;font:inherit;font-weight:600;min-height:3rem;' +
  'padding:.6rem 1.4rem;border:1px solid #17544c;border-radius:.4rem;background:#17544c;color:#fff;text-decoration:none;box-sizing:border-box;cursor:pointer}' +
  'a:focus-visible,button:focus-visible{outline:3px solid #3d4e8a;outline-offset:3px}h1{font-size:1.5rem}' +
  '@media(prefers-color-scheme:dark){body{background:#1c1f1e;color:#ece7da}}';

/** A page whose script comes from here, and that nobody else's page may change. */
function page(title: string, language: string, body: string): string {
  return `<!doctype html>
<html lang="${inHtml(language)}">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${inHtml(title)}</title>
<style>${STYLE}</style></head>
<body><main><h1>${inHtml(title)}</h1>
${body}
</main></body>
</html>
`;
}

/** Shown within the platform's page: in there browsers keep us from knowing anybody. @param frames the platform's own address */
export function sendFramePage(response: Response, address: string, frames: string, language: string): void {
  const says = platformTexts(language);
  response.removeHeader('X-Frame-Options');
  response.setHeader(
    'Content-Security-Policy',
    `default-src 'none'; style-src 'unsafe-inline'; base-uri 'none'; form-action 'none'; frame-ancestors ${new URL(frames).origin}`,
  );
  response.send(
    page(
      says.frameTitle,
      language,
      `<p>${inHtml(says.frameText)}</p>\n<p><a href="${inHtml(address)}" target="_blank" rel="opener">${inHtml(says.frameOpen)}</a></p>`,
    ),
  );
}

/** Sends what was chosen back to the platform, by itself or by a press. */
export function sendReturnPage(
  response: Response,
  { returnUrl, message, platform }: { readonly returnUrl: string; readonly message: string; readonly platform: string },
  language: string,
): void {
  const says = platformTexts(language);
  response.setHeader(
    'Content-Security-Policy',
    `default-src 'none'; style-src 'unsafe-inline'; script-src 'self'; base-uri 'none'; form-action ${new URL(returnUrl).origin}; frame-ancestors 'none'`,
  );
  response.send(
    page(
      says.returnTitle({ platform }),
      language,
      `<form method="post" action="${inHtml(returnUrl)}"><input type="hidden" name="JWT" value="${inHtml(message)}">` +
        `<button>${inHtml(says.returnGo({ platform }))}</button></form>\n<script src="/api/lti/send.js"></script>`,
    ),
  );
}

/** The script of the page that leads back. */
export const SEND_SCRIPT = 'document.forms[0].submit();\n';
