import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { fail, succeed } from '@/core/quantity/result';
import { asJson, ask, isTaken } from '@/bench/record/door';
import { EntryField } from '@/ui/fields/EntryField';
import { Note } from '@/ui/parts/text';

const LONGEST = 80;

const readName = (typed: string) => {
  const name = typed.trim();
  if (name === '') return fail({ code: 'missing', field: 'name' });
  return name.length > LONGEST ? fail({ code: 'too_long', field: 'name', max: LONGEST }) : succeed(name);
};

/** What the shop is called, at the head of its bench and of what it prints. */
export function ShopName({ name }: { name: string }) {
  const router = useRouter();
  const [problem, setProblem] = useState(false);
  const save = async (next: string) => {
    const { status } = await ask('/api/v1/shop', asJson('PATCH', { name: next }));
    setProblem(!isTaken(status));
    router.refresh();
  };
  return (
    <Box sx={{ mt: 3 }} id="shop-name">
      <Typography variant="h3" component="h2">
        This shop
      </Typography>
      <EntryField
        label="Its name, as it is printed"
        name="shop-name"
        shown={name}
        read={readName}
        onTake={(next) => void save(next)}
        width="min(360px, 100%)"
      />
      {problem && <Note role="alert">The server does not answer: type it again when it is back.</Note>}
    </Box>
  );
}
