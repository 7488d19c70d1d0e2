'use client';
import { PageTitle } from '@/ui/parts/PageTitle';
import { TYPE } from '@/ui/theme/tokens';

export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <main style={{ padding: 32, fontSize: TYPE.name }} role="alert">
      <PageTitle parts={['This screen failed']} />
      <h1>This screen failed.</h1>
      <p>Stored readings are safe, and those kept in this browser are still kept.</p>
      <button onClick={reset} style={{ fontSize: TYPE.title, minHeight: 56, padding: '8px 24px' }}>
        Try again
      </button>
    </main>
  );
}
