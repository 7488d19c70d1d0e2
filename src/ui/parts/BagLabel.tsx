'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import { useEffect, useState } from 'react';
import { STRETCH, TYPE } from '@/ui/theme/tokens';
import { Quiet } from './text';

/** The label of a bag, or of a finished job: a code to write with a marker, and a QR for those who have a printer. */
export function BagLabel({ code, title, subtitle }: { code: string; title: string; subtitle: string }) {
  const [isOpen, setOpen] = useState(false);
  const [picture, setPicture] = useState<string | null>(null);
  useEffect(() => {
    if (!isOpen) return;
    void import('qrcode')
      .then(({ toString }) => toString(`${window.location.origin}/?ask=${code}`, { type: 'svg', margin: 1 }))
      .then(setPicture);
  }, [isOpen, code]);
  return (
    <>
      <Button variant="outlined" onClick={() => setOpen(true)}>
        Label {code}
      </Button>
      <Dialog open={isOpen} onClose={() => setOpen(false)}>
        <Box className="print-label" sx={{ p: 3, display: 'flex', gap: 3, alignItems: 'center' }}>
          {picture && (
            <Box
              sx={{ width: 150, height: 150, backgroundColor: '#fff' }}
              dangerouslySetInnerHTML={{ __html: picture }}
            />
          )}
          <Box>
            <Box sx={{ fontSize: 64, fontWeight: 850, fontStretch: STRETCH.headline, lineHeight: 1 }}>
              {code}
            </Box>
            <Box sx={{ fontSize: TYPE.name, fontWeight: 700 }}>{title}</Box>
            <Quiet sx={{ fontSize: TYPE.text }}>{subtitle}</Quiet>
          </Box>
        </Box>
        <DialogActions sx={{ p: 2 }} className="no-print">
          <Button variant="text" onClick={() => setOpen(false)}>
            Close
          </Button>
          <Button variant="contained" onClick={() => window.print()}>
            Print
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
