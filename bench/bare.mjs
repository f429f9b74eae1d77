// The baseline of bench/submissions: the HTTP framework alone, answering 202 on the same route.
import Fastify from 'fastify';
import { ports } from './serve.mjs';

const app = Fastify();
app.get('/health', () => ({ status: 'ok' }));
app.post('/c/:key/submissions', (request, reply) => reply.status(202).send({ id: request.body.id }));
await app.listen({ port: ports.bare, host: '0.0.0.0' });
