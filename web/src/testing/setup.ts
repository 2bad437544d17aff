import { cleanup, configure } from '@testing-library/react';
import { afterEach } from 'vitest';
import { answerRequest, forgetRequests } from './server';

// What is waited for comes in milliseconds on a quiet machine; a busy one takes its time, and only a wait in vain takes all of this.
configure({ asyncUtilTimeout: 120_000 });

/** Every request of a test goes to the tests' own server; what the stand-in for a browser lacks is added. */
if (typeof window !== 'undefined') {
  // Not as a stand-in that a test could take away with its own.
  globalThis.fetch = answerRequest as typeof fetch;
  window.ResizeObserver ??= class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
  Element.prototype.scrollIntoView ??= () => {};
  Element.prototype.hasPointerCapture ??= () => false;
}

afterEach(() => {
  cleanup();
  forgetRequests();
  if (typeof window !== 'undefined') {
    localStorage.clear();
    sessionStorage.clear();
  }
});
