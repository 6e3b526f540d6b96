import { z } from 'zod';

// The page may run no code made from strings, so validation must not even try to. Imported before any schema is made.
z.config({ jitless: true });
