import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { token, TYPE } from '@/ui/theme/tokens';
import { Note } from '@/ui/parts/text';

export type Column = { name: string; isNumber?: boolean };

const cell = {
  fontSize: TYPE.text,
  borderColor: token('rule'),
  py: 0.75,
  px: 1.25,
  color: token('ink'),
} as const;

/** A ruled list: first column is what one looks for, numbers stand on the right. */
export function Listing({
  columns,
  rows,
  label,
}: {
  columns: readonly Column[];
  rows: readonly { key: string; cells: readonly ReactNode[] }[];
  label: string;
}) {
  return (
    <Box tabIndex={0} role="region" aria-label={label} sx={{ overflowX: 'auto' }}>
      <Table size="small" aria-label={label}>
        <TableHead>
          <TableRow>
            {columns.map(({ name, isNumber }) => (
              <TableCell
                key={name}
                align={isNumber ? 'right' : 'left'}
                sx={{
                  ...cell,
                  fontWeight: 700,
                  borderBottom: `2.5px solid ${token('ink')}`,
                  whiteSpace: 'nowrap',
                }}
              >
                {name}
              </TableCell>
            ))}
          </TableRow>
        </TableHead>
        <TableBody>
          {rows.map(({ key, cells }) => (
            <TableRow key={key} data-row={key}>
              {cells.map((content, i) => (
                <TableCell
                  key={columns[i]!.name}
                  align={columns[i]!.isNumber ? 'right' : 'left'}
                  sx={{
                    ...cell,
                    fontWeight: i === 0 ? 750 : 450,
                    whiteSpace: columns[i]!.isNumber || i === 0 ? 'nowrap' : 'normal',
                  }}
                >
                  {content}
                </TableCell>
              ))}
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}

/** A heading with where it comes from. */
export const Shelf = ({
  title,
  source,
  children,
}: {
  title: string;
  source: string;
  children: ReactNode;
}) => (
  <Box component="section" aria-label={title} sx={{ mb: 4 }}>
    <Box component="h2" sx={{ m: 0, fontSize: TYPE.head, fontWeight: 800, fontStretch: '62%' }}>
      {title}
    </Box>
    <Note sx={{ mb: 1 }}>{source}</Note>
    {children}
  </Box>
);
