/** A stand-in for a server that takes mail. */
import { createServer, type Server, type Socket } from 'node:net';

/** A server that takes mail as RFC 5321 has it, and keeps what it was told. */
export function smtpServer(taken: string[]): Promise<Server> {
  const talk = (socket: Socket) => {
    let isData = false;
    socket.write('220 here\r\n');
    socket.on('data', (bytes) => {
      const said = bytes.toString();
      taken.push(said);
      if (isData) {
        if (!said.includes('\r\n.\r\n')) return;
        isData = false;
        socket.write('250 taken\r\n');
        return;
      }
      isData = /^DATA/i.test(said);
      if (/^QUIT/i.test(said)) socket.end('221 bye\r\n');
      else socket.write(isData ? '354 go on\r\n' : '250 fine\r\n');
    });
  };
  const server = createServer(talk);
  return new Promise((resolve) => server.listen(0, '127.0.0.1', () => resolve(server)));
}
