import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import type { ReactNode } from 'react';
import { Failed } from './states';

interface BrokenProps {
  /** What cannot be shown, as the subject of a sentence. */
  readonly what: string;
  readonly children: ReactNode;
  /** A change of it tries again. */
  readonly of: unknown;
}

const reasonOf = (error: unknown) => (error instanceof Error ? error.message : String(error));

/** What breaks while it is drawn breaks here and no further: the sheet around it stays, and says so. */
export function Broken({ what, of, children }: BrokenProps) {
  const fallback = ({ error, resetErrorBoundary }: FallbackProps) => (
    <Failed message={`${what} cannot be shown: ${reasonOf(error)}`} onRetry={resetErrorBoundary} />
  );
  return (
    <ErrorBoundary fallbackRender={fallback} resetKeys={[of]}>
      {children}
    </ErrorBoundary>
  );
}
