'use client';
import { PageTitle } from '@/ui/parts/PageTitle';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { TYPE } from '@/ui/theme/tokens';

/** Shown in place of a page whose data could not be loaded; looks again by itself. */
export function DatabaseAway() {
  const router = useRouter();
  useEffect(() => {
    const timer = setInterval(() => router.refresh(), 2000);
    return () => clearInterval(timer);
  }, [router]);
  return (
    <Box sx={{ p: 4, maxWidth: 760 }} role="alert">
      <PageTitle parts={['The database is away']} />
      <Typography variant="h1">The database does not answer.</Typography>
      <Typography sx={{ mt: 2, fontSize: TYPE.name }}>
        Nothing is lost: what was stored is stored, and what this browser keeps is sent when it is back. This
        page looks again every two seconds.
      </Typography>
    </Box>
  );
}
