import { z } from 'zod';

// The server's policy forbids building code from text, which zod would try for speed.
z.config({ jitless: true });
