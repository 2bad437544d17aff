import { Component, type ReactNode } from 'react';

/** Stands in for a page that failed to draw; what was on the bench is kept on this device. */
export class ErrorBoundary extends Component<{ children: ReactNode }, { hasFailed: boolean }> {
  override state = { hasFailed: false };

  static getDerivedStateFromError() {
    return { hasFailed: true };
  }

  override render() {
    if (!this.state.hasFailed) return this.props.children;
    return (
      <main className="grid h-dvh place-items-center p-8 text-center">
        <div>
          <p className="mb-4 text-lg">This page could not be drawn. Your work is kept.</p>
          <a href="/book" className="underline">
            Back to the book
          </a>
        </div>
      </main>
    );
  }
}
