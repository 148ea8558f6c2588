import { vi } from 'vitest';

// Where a seat says what it is, before anything is loaded.
vi.stubGlobal('matchMedia', () => ({ matches: false }));
