// What the thread runs that stores submissions.
import { serveWrites } from '../database/serve-writes.js';
import { storeSubmission } from './store-submission.js';

serveWrites(storeSubmission);
