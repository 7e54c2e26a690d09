/** The plain pages of the stand-ins: whoever tries something out sees at once that these are not the application. */

/** What is shown as text, whatever is in it. */
export function escaped(text: string): string {
  return text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');
}

/** A page. @param body HTML, whose texts are escaped */
export function page(title: string, body: string): string {
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${escaped(title)}</title>
<style>
body{font:17px/1.5 system-ui,sans-serif;margin:0;background:#e9edf2;color:#16202c}
main{max-width:44rem;margin:3rem auto;padding:1.5rem 2rem;background:#fff;border:1px solid #5b6b7f}
h1{font-size:1.5rem;margin:0 0 .5rem}h2{font-size:1.15rem;margin:1.5rem 0 .3rem}
button,a.button{font:inherit;display:inline-flex;align-items:center;min-height:2.75rem;padding:.2rem 1rem;margin:.25rem .25rem .25rem 0;border:1px solid #2c4a7a;background:#fff;color:#1d3a6b;text-decoration:none;cursor:pointer}
button:focus-visible,a:focus-visible{outline:3px solid #1d3a6b;outline-offset:2px}
table{border-collapse:collapse;width:100%}th,td{text-align:start;padding:.35rem .5rem;border-bottom:1px solid #b8c2cf}code{overflow-wrap:anywhere}
.note{color:#445265;font-size:.9rem}iframe{width:100%;height:32rem;border:1px solid #5b6b7f}
</style>
</head>
<body><main>
<h1>${escaped(title)}</h1>
${body}
</main></body>
</html>
`;
}
