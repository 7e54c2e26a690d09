// A bare WebSocket relay as a process of its own: what students send goes to the teacher of their class. With DATABASE_URL
// it also writes each message to PostgreSQL, in groups, as anything has to that may say "saved"; it passes on first.
import { once } from 'node:events';
import pg from 'pg';
import { WebSocketServer } from 'ws';

const { DATABASE_URL } = process.env;

/** Writes messages in groups, one group at a time with all that has come meanwhile. */
async function writer(url) {
  const database = new pg.Client({ connectionString: url });
  await database.connect();
  await database.query('CREATE TABLE IF NOT EXISTS relay_message (id bigserial PRIMARY KEY, bytes bytea NOT NULL)');
  let waiting = [];
  let isWriting = false;
  return async (message) => {
    waiting.push(message);
    if (isWriting) return;
    isWriting = true;
    while (waiting.length > 0) {
      const group = waiting;
      waiting = [];
      await database.query('INSERT INTO relay_message (bytes) SELECT unnest($1::bytea[])', [group]);
    }
    isWriting = false;
  };
}

const write = DATABASE_URL ? await writer(DATABASE_URL) : () => {};
const relay = new WebSocketServer({ port: 0, host: '127.0.0.1', backlog: 4096 });
await once(relay, 'listening');
const teachers = new Map();
relay.on('connection', (client, request) => {
  const [, role, at] = request.url.split('/');
  if (role === 'teacher') return void teachers.set(at, client);
  client.on('message', (message) => {
    teachers.get(at)?.send(message);
    void write(message);
  });
});
process.send(relay.address().port);
process.on('disconnect', () => process.exit());
