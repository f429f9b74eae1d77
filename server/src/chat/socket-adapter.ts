import { WsAdapter } from '@nestjs/platform-ws';
import type { WebSocket, WebSocketServer } from 'ws';

/** Nest's adapter, which would write a line into the log for every frame that a stranger gets wrong. */
export class SocketAdapter extends WsAdapter {
  override bindErrorHandler(server: WebSocketServer): WebSocketServer {
    // A line that breaks is closed by the library with the reason; nobody else is to fall with it.
    server.on('connection', (client: WebSocket) => client.on('error', () => undefined));
    return server;
  }
}
