import { cleanup } from '@testing-library/react';
import { afterEach, vi } from 'vitest';

// Where a seat says what it is, before anything is loaded.
vi.stubGlobal('matchMedia', () => ({ matches: false }));

// Happy DOM lays nothing out, so that nothing of it is ever resized.
vi.stubGlobal(
  'ResizeObserver',
  class {
    observe() {}
    disconnect() {}
  },
);

afterEach(cleanup);
