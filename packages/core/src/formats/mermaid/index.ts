/** The graph of a deck as a flowchart in Mermaid's language (https://mermaid.js.org/syntax/flowchart.html), both ways. */
export { readMermaid } from './read-mermaid.js';
export { writeMermaid } from './write-mermaid.js';
