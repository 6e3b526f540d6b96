import { QueryErrorResetBoundary, useSuspenseQuery } from '@tanstack/react-query';
import { Component, Suspense, type ReactNode } from 'react';
import { forms } from '../api/queries';
import { Button } from '../ui/Button';
import { Failure, Reading, Strip } from '../ui/Layout';

type Props = { onAgain: () => void; children: ReactNode };

class Boundary extends Component<Props, { error: unknown }> {
  override state = { error: null };

  static getDerivedStateFromError(error: unknown) {
    return { error };
  }

  override render() {
    const again = () => {
      this.props.onAgain();
      this.setState({ error: null });
    };
    return this.state.error === null ? (
      this.props.children
    ) : (
      <Strip className="grid justify-items-start gap-4">
        <Failure error={this.state.error} />
        <Button onClick={again}>Try again</Button>
      </Strip>
    );
  }
}

/** What can be entered is read before anything else, so that a sheet opens where no network reaches. */
function WithForms({ children }: { children: ReactNode }) {
  useSuspenseQuery(forms());
  return children;
}

/** Pages, once what all of them need is there; else what is wrong, and another try. */
export function OrProblem({ children }: { children: ReactNode }) {
  return (
    <QueryErrorResetBoundary>
      {({ reset }) => (
        <Boundary onAgain={reset}>
          <Suspense fallback={<Reading what="Reading the forms" />}>
            <WithForms>{children}</WithForms>
          </Suspense>
        </Boundary>
      )}
    </QueryErrorResetBoundary>
  );
}
