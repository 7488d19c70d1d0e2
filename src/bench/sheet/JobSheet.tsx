'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from '@/ui/parts/Link';
import { jobPath } from '@/bench/frame/places';
import { useJob } from '@/bench/record/JobProvider';
import type { JobView, SeatView } from '@/core/job/seatView';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import { REFERENCE_C } from '@/core/quantity/measured';
import { CAUTIONS as PLAN_CAUTIONS } from '@/core/catalogue/cautions';
import { isTaskDone } from '@/core/walk/taskDone';
import { PageTitle } from '@/ui/parts/PageTitle';
import { Lead, Quiet, Text } from '@/ui/parts/text';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { day } from '@/ui/words/clock';
import { saySizes } from '@/ui/words/sizes';
import { CAUTIONS } from '@/ui/words/verdicts';
import { SheetSeats } from './SheetSeats';

type Props = { shopName: string; isForCustomer: boolean };

const UNIT_WORDS: Record<Units, string> = {
  metric: 'millimetres and °C',
  metric_um: 'millimetres, fits in micrometres, and °C',
  imperial: 'inches, fits in thousandths of an inch, and °F',
};

/** Page numbers, and whose sheet it is, at the foot of each printed page. */
const pageRules = (job: string) => `@page { size: A4; margin: 16mm 14mm 18mm;
  @bottom-left { content: ${JSON.stringify(job)}; font: 9pt 'Archivo Variable', sans-serif; }
  @bottom-right { content: "page " counter(page) " of " counter(pages); font: 9pt 'Archivo Variable', sans-serif; } }`;

/** The whole job on paper: for the customer what was done and how it stands, for the workshop with what it was measured. */
export function JobSheet({ shopName, isForCustomer }: Props) {
  const { record, job, person, drawnMs } = useJob();
  const units = person?.units ?? 'metric';
  const title = isForCustomer ? 'What was done' : 'Workshop sheet';
  return (
    <Box
      data-testid="job-sheet"
      sx={{
        maxWidth: 980,
        mx: 'auto',
        px: { xs: 2, sm: 4 },
        pb: 4,
        '@media print': { px: 0, maxWidth: 'none' },
      }}
    >
      <PageTitle parts={[title, record.machine]} />
      <style>{pageRules(`${shopName} · job ${record.number} · ${record.machine}`)}</style>
      <Ways record={record} isForCustomer={isForCustomer} walk={person?.walk ?? 'full'} />
      <Box component="header" sx={{ borderBottom: `4px solid ${token('ink')}`, pb: 1, mt: 1 }}>
        <Text>
          <b>{shopName}</b>
        </Text>
        <Box
          component="h1"
          sx={{ m: 0, fontSize: TYPE.headline, fontWeight: 800, fontStretch: STRETCH.headline }}
        >
          {title}: {record.machine}
        </Box>
        <Text suppressHydrationWarning>
          {record.machineSort} · job {record.number} · begun {day(record.openedAt)} · printed {day(drawnMs)}
        </Text>
        <Quiet>
          Sizes in {UNIT_WORDS[units]}, as they are at {asText(showTemperature(REFERENCE_C, units))}. ± is
          twice the standard uncertainty.
        </Quiet>
      </Box>
      <Box component="main">
        <SheetSeats seats={job.seats} units={units} isForCustomer={isForCustomer} record={record} />
        <Beyond job={job} units={units} />
        <SheetCautions codes={record.plan.cautions} />
        <Sign isForCustomer={isForCustomer} shopName={shopName} />
      </Box>
    </Box>
  );
}

type WaysProps = { record: { id: string }; isForCustomer: boolean; walk: 'quick' | 'full' | 'taught' };

/** On the screen only: which sheet, to the printer, and back. */
const Ways = ({ record, isForCustomer, walk }: WaysProps) => (
  <Box
    component="nav"
    aria-label="Sheet"
    className="no-print"
    sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, pt: 1 }}
  >
    <Button variant="text" component={Link} href={jobPath(record.id as never, walk)}>
      Back to the job
    </Button>
    <Button
      variant="outlined"
      component={Link}
      href={`/jobs/${record.id}/sheet?for=${isForCustomer ? 'workshop' : 'customer'}`}
    >
      {isForCustomer ? 'The workshop’s sheet' : 'The customer’s sheet'}
    </Button>
    <Button variant="contained" onClick={() => window.print()}>
      Print
    </Button>
  </Box>
);

/** Work beyond the seats that is done, and what is still open: a sheet that hides it would be no sheet. */
function Beyond({ job, units }: { job: JobView; units: Units }) {
  const done = job.plan.tasks.filter((task) => isTaskDone(task, job));
  const openSeats = job.seats.filter(({ history }) => history.homeMs === null);
  const say = ({ seat }: SeatView) => `${seat.name} (${saySizes(seat.spec.part, units)})`;
  return (
    <Box sx={{ mt: 2, breakInside: 'avoid' }}>
      {done.length > 0 && (
        <Text>
          <b>Also done:</b> {done.map(({ name }) => name).join('; ')}.
        </Text>
      )}
      {openSeats.length > 0 && (
        <Text>
          <b>Not done yet:</b> {openSeats.map(say).join('; ')}.
        </Text>
      )}
    </Box>
  );
}

const SheetCautions = ({ codes }: { codes: readonly string[] }) => (
  <Box sx={{ mt: 2, breakInside: 'avoid' }} data-testid="sheet-cautions">
    <Lead sx={{ fontWeight: 750 }}>Mind</Lead>
    {PLAN_CAUTIONS.filter(({ code }) => codes.includes(code)).map(({ code, caution }) => (
      <Text key={code}>{caution}</Text>
    ))}
    <Text>{CAUTIONS.manual_first}</Text>
  </Box>
);

/** Lines to sign. */
const Sign = ({ isForCustomer, shopName }: { isForCustomer: boolean; shopName: string }) => (
  <Box sx={{ display: 'flex', gap: 6, mt: 7, breakInside: 'avoid' }} data-testid="sign">
    {[`For ${shopName || 'the workshop'}`, ...(isForCustomer ? ['Taken over by'] : [])].map((who) => (
      <Box key={who} sx={{ flex: 1, borderTop: `1.5px solid ${token('ink')}`, pt: 0.5 }}>
        <Quiet>{who}: name, day, signature</Quiet>
      </Box>
    ))}
  </Box>
);
