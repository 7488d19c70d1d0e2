'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { sendJson } from '@/bench/record/sendJson';

/** The demo beside one's own shop: put away whole, and brought back whole. */
export function StartEmpty({ showsDemo, hasDemo }: { showsDemo: boolean; hasDemo: boolean }) {
  const router = useRouter();
  const [problem, setProblem] = useState(false);
  if (!hasDemo) return null;
  const change = async () => {
    setProblem(!(await sendJson('/api/v1/shop', 'PATCH', { showsDemo: !showsDemo })).isOk);
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
