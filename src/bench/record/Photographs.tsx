'use client';
import CameraAltOutlined from '@mui/icons-material/CameraAltOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { Photograph } from '@/core/record/job';
import { PHOTOGRAPH_MAX_BYTES } from '@/core/record/limits';
import { useJob } from './JobProvider';
import { later } from './later';
import { liveStream } from './liveStream';
import { sayProblem, sendFile } from './sendJson';
import { token } from '@/ui/theme/tokens';


const PhotographDialog = later(() => import('./PhotographDialog'), 'PhotographDialog');

type Sending = { name: string; problem: string | null };

/** Photographs of one seat, or of the job as a whole: from the camera or a file, each sent the moment it is taken. */
export function Photographs({ seatId }: { seatId: string | null }) {
  const { record, job, person, askPerson, addEvent, reload } = useJob();
  const input = useRef<HTMLInputElement>(null);
  const [sending, setSending] = useState<Sending | null>(null);
  const [open, setOpen] = useState<Photograph | null>(null);
  const mine = record.photographs.filter((photograph) => photograph.seatId === seatId && !job.work.withdrawnPhotographs.has(photograph.id));

  const send = async (file: File) => {
    if (!person) { askPerson(); return; }
    if (file.size > PHOTOGRAPH_MAX_BYTES) { setSending({ name: file.name, problem: `This file is too large: ${(file.size / 1048576).toFixed(0)} MB, at most ${PHOTOGRAPH_MAX_BYTES / 1048576} MB.` }); return; }
    setSending({ name: file.name, problem: null });
    const query = new URLSearchParams({ id: uuid(), ...(seatId && { seatId }), personId: person.id, caption: '', takenAt: new Date(liveStream.now()).toISOString() });
    const sent = await sendFile(`/api/v1/jobs/${record.id}/photographs?${query}`, file, file.type || 'application/octet-stream');
    if (!sent.isOk) { setSending({ name: file.name, problem: sayProblem(sent, 'The server does not answer: keep the picture and try again.') }); return; }
    await reload();
    setSending(null);
  };

  return (
    <Box data-testid="photographs" sx={{ borderTop: `1.5px solid ${token('steel')}`, pt: 1, display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
      <Button variant="outlined" startIcon={<CameraAltOutlined />} onClick={() => input.current?.click()} disabled={sending !== null && sending.problem === null}>Photograph</Button>
      <input ref={input} type="file" accept="image/*" capture="environment" hidden data-testid="photograph-file" onChange={(event) => { const file = event.target.files?.[0]; if (file) void send(file); event.target.value = ''; }} />
      {mine.map((photograph) => (
        <Box key={photograph.id} component="button" type="button" onClick={() => setOpen(photograph)} aria-label={photograph.caption || `Photograph of ${photograph.takenAt.slice(0, 10)}`} sx={{ all: 'unset', cursor: 'pointer', height: 84, '&:focus-visible': { outline: `3px solid ${token('cold')}` } }}>
          {/* eslint-disable-next-line @next/next/no-img-element -- served by id from the database, already scaled */}
          <img src={`/api/v1/photographs/${photograph.id}`} alt={photograph.caption} height={84} style={{ display: 'block', border: `1.5px solid ${token('ink')}` }} />
        </Box>
      ))}
      <Box role="status" data-testid="photograph-state" sx={{ fontSize: 16, flex: 1, minWidth: 160 }}>
        {sending ? (sending.problem ? <b>{sending.name}: {sending.problem}</b> : `Sending ${sending.name} …`) : mine.length === 0 ? <Box component="span" sx={{ color: token('steel') }}>None yet. Where it was taken is not kept.</Box> : `${mine.length} of 12`}
      </Box>
      <PhotographDialog photograph={open} onClose={() => setOpen(null)} onTakeAway={({ id }) => { addEvent('photograph_withdrawn', { photographId: id }, seatId ? { seatId } : {}); setOpen(null); }} />
    </Box>
  );
}
