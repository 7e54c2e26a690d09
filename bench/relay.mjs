// A bare WebSocket relay that passes messages from students to a teacher, as the baseline for what the server does.
import { once } from 'node:events';
import { WebSocket, WebSocketServer } from 'ws';
import { inRounds } from './people.mjs';

/** How long messages of a size took through the relay, in milliseconds, and how many were lost. */
export async function throughRelay(bytes, rounds) {
  const relay = new WebSocketServer({ port: 0, host: '127.0.0.1' });
  await once(relay, 'listening');
  let teacherSide = null;
  relay.on('connection', (client, request) => {
    if (request.url === '/teacher') teacherSide = client;
    else client.on('message', (message) => teacherSide.send(message));
  });
  const address = `ws://127.0.0.1:${relay.address().port}`;
  const connect = async (path) => {
    const client = new WebSocket(address + path);
    await once(client, 'open');
    return client;
  };
  const teacher = await connect('/teacher');
  const clients = [];
  for (let student = 0; student < rounds.people; student += 1) clients.push(await connect('/student'));
  const sentAt = new Map();
  const times = [];
  teacher.on('message', (message) => {
    const key = message.readUInt32BE(0);
    times.push(performance.now() - sentAt.get(key));
    sentAt.delete(key);
  });
  await inRounds(rounds, (student, round) => {
    const message = Buffer.alloc(Math.max(4, bytes));
    const key = round * rounds.people + student;
    message.writeUInt32BE(key, 0);
    sentAt.set(key, performance.now());
    clients[student].send(message);
  });
  for (const client of [teacher, ...clients]) client.terminate();
  relay.close();
  return { times, lost: sentAt.size };
}
