// A bare relay of server-sent events as a process of its own: what is posted goes to everybody who listens.
import { once } from 'node:events';
import http from 'node:http';

const listening = new Set();
const relay = http.createServer((request, response) => {
  if (request.method === 'GET') {
    response.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-cache' });
    response.flushHeaders();
    listening.add(response);
    request.on('close', () => listening.delete(response));
    return;
  }
  let body = '';
  request.on('data', (part) => (body += part));
  request.on('end', () => {
    for (const each of listening) each.write(`event: step\ndata: ${body}\n\n`);
    response.end();
  });
});
relay.listen(0, '127.0.0.1');
await once(relay, 'listening');
process.send(relay.address().port);
process.on('disconnect', () => process.exit());
