'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { asJson, ask, isTaken } from '@/bench/record/door';

/** The demo beside one's own shop: put away whole, and brought back whole. */
export function StartEmpty({ showsDemo, hasDemo }: { showsDemo: boolean; hasDemo: boolean }) {
  const router = useRouter();
  const [problem, setProblem] = useState(false);
  if (!hasDemo) return null;
  const change = async () => {
    const { status } = await ask('/api/v1/shop', asJson('PATCH', { showsDemo: !showsDemo }));
    setProblem(!isTaken(status));
    router.refresh();
  };
  return (
    <Button variant="text" onClick={() => void change()}>
      {problem
        ? 'The server does not answer: try again'
        : showsDemo
          ? 'Start empty: put the demo away'
          : 'Show the demo again'}
    </Button>
  );
}
