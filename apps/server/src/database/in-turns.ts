/** What only one process on a database does at a time, by PostgreSQL's advisory locks. */
import type { DataSource, QueryRunner } from 'typeorm';

/** What is done by one process at a time. */
type Task = 'starting' | 'collecting' | 'clearing out' | 'sending scores';

/** Does something once every other process that does the same is done with it. */
export function inTurns<T>(database: DataSource, task: Task, act: () => Promise<T>): Promise<T> {
  return onConnection(database, async (connection) => {
    await connection.query('SELECT pg_advisory_lock(hashtextextended($1, 1))', [task]);
    return letGoAfter(connection, task, act);
  });
}

/** Does something unless another process is doing it just now. */
export function unlessElsewhere(database: DataSource, task: Task, act: () => Promise<void>): Promise<void> {
  return onConnection(database, async (connection) => {
    const rows: { isOurs: boolean }[] = await connection.query(
      'SELECT pg_try_advisory_lock(hashtextextended($1, 1)) AS "isOurs"',
      [task],
    );
    if (rows[0]?.isOurs) await letGoAfter(connection, task, act);
  });
}

/** A lock is a connection's: it has to be one and the same that takes it and lets it go. */
async function onConnection<T>(database: DataSource, use: (connection: QueryRunner) => Promise<T>): Promise<T> {
  const connection = database.createQueryRunner();
  try {
    await connection.connect();
    return await use(connection);
  } finally {
    await connection.release();
  }
}

async function letGoAfter<T>(connection: QueryRunner, task: Task, act: () => Promise<T>): Promise<T> {
  try {
    return await act();
  } finally {
    await connection.query('SELECT pg_advisory_unlock(hashtextextended($1, 1))', [task]);
  }
}
