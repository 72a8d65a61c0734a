import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Suspense, useEffect } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { NotOnDevice, pageOfItsOwn } from './page-of-its-own';

function Fallback({ error, resetErrorBoundary }: FallbackProps) {
  useEffect(() => {
    if (error instanceof NotOnDevice) error.forget();
  }, [error]);
  return (
    <button type="button" onClick={resetErrorBoundary}>
      {error instanceof NotOnDevice ? 'not here yet' : 'failed'}
    </button>
  );
}

const shown = (load: Parameters<typeof pageOfItsOwn>[0]) => {
  const Page = pageOfItsOwn(load);
  // what fails to load is told on the console too
  jest.spyOn(console, 'error').mockImplementation(() => {});
  render(
    <ErrorBoundary FallbackComponent={Fallback}>
      <Suspense fallback="opening">
        <Page />
      </Suspense>
    </ErrorBoundary>,
  );
};

describe('a page that is loaded when it is shown', () => {
  it('says that it is not here yet, and comes when it is asked for again (fault 128)', async () => {
    let isThere = false;
    shown(() =>
      isThere
        ? Promise.resolve(() => <p>the bag</p>)
        : Promise.reject(new TypeError('Failed to fetch dynamically imported module: /assets/bag.js')),
    );
    const button = await screen.findByRole('button', { name: 'not here yet' });
    isThere = true;
    await userEvent.click(button);
    expect(await screen.findByText('the bag')).toBeInTheDocument();
  });

  it('has failed where it came and fails', async () => {
    shown(() => Promise.reject(new Error('planted')));
    expect(await screen.findByRole('button', { name: 'failed' })).toBeInTheDocument();
  });
});
