// A bare WebSocket relay that passes messages from students to their teacher, as the baseline for what the server does.
import { fork } from 'node:child_process';
import { once } from 'node:events';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { WebSocket } from 'ws';
import { inRounds } from './people.mjs';

const HERE = dirname(fileURLToPath(import.meta.url));

/**
 * How long messages of a size took through the relay, in milliseconds, and how many were lost.
 * @param databaseUrl when it also writes them there, in groups
 */
export async function throughRelay(bytes, rounds, databaseUrl) {
  const env = { ...process.env, DATABASE_URL: databaseUrl ?? '' };
  const relay = fork(join(HERE, 'relay-process.mjs'), { env });
  const [port] = await once(relay, 'message');
  const address = `ws://127.0.0.1:${port}`;
  const connect = async (path) => {
    const client = new WebSocket(address + path);
    await once(client, 'open');
    return client;
  };
  const inClass = rounds.inClass ?? rounds.people;
  const classOf = (student) => Math.floor(student / inClass);
  const sentAt = new Map();
  const times = [];
  const teachers = [];
  for (let at = 0; at <= classOf(rounds.people - 1); at += 1) {
    const teacher = await connect(`/teacher/${at}`);
    teacher.on('message', (message) => {
      const key = message.readUInt32BE(0);
      times.push(performance.now() - sentAt.get(key));
      sentAt.delete(key);
    });
    teachers.push(teacher);
  }
  const clients = [];
  for (let student = 0; student < rounds.people; student += 1)
    clients.push(await connect(`/student/${classOf(student)}`));
  await inRounds(rounds, (student, round) => {
    const message = Buffer.alloc(Math.max(4, bytes));
    const key = round * rounds.people + student;
    message.writeUInt32BE(key, 0);
    sentAt.set(key, performance.now());
    clients[student].send(message);
  });
  for (const client of [...teachers, ...clients]) client.terminate();
  relay.disconnect();
  await once(relay, 'exit');
  return { times, lost: sentAt.size };
}
