'use client';
import { PageTitle } from '@/ui/parts/PageTitle';
import Box from '@mui/material/Box';
import visuallyHidden from '@mui/utils/visuallyHidden';
import type { ReactNode } from 'react';
import type { HeatItem } from '@/core/board/heatItems';
import type { EventKind } from '@/core/record/entries';
import type { Person } from '@/core/record/person';
import { usePerson } from '@/bench/record/hooks';
import { useRefreshOnChange } from '@/bench/record/useRefreshOnChange';
import { Head } from './Head';
import { later } from '@/bench/record/later';
import { HeatBarPlace } from './HeatBarPlace';
import { placesFrom, type PlaceName } from './places';
import { Column } from '@/ui/parts/layout';

const RefusedShopEdits = later(() => import('./RefusedShopEdits'), 'RefusedShopEdits');

export type PlaceProps = { people: readonly Person[]; heat: readonly HeatItem[]; nowMs: number };

const NONE: readonly EventKind[] = [];

/**
 * The frame of a place that belongs to no job: head, the place, and the strip of what is hot or cold anywhere. `shows`: events of jobs that
 * change what is seen there.
 */
export function PlaceFrame({
  here,
  title,
  subtitle,
  people,
  heat,
  nowMs,
  shows = NONE,
  isTitleHeading = false,
  children,
}: PlaceProps & {
  here: PlaceName;
  title: string;
  subtitle?: string;
  shows?: readonly EventKind[];
  /** The place has no headline of its own: its title is what it is headed by. */
  isTitleHeading?: boolean;
  children: ReactNode;
}) {
  useRefreshOnChange(nowMs, shows);
  const person = usePerson(people);
  return (
    <Column sx={{ minHeight: '100vh', px: { xs: 2, sm: 4 } }}>
      <PageTitle parts={[title]} />
      <Head title={title} subtitle={subtitle} people={people} places={placesFrom(here)} />
      <RefusedShopEdits />
      <Box
        component="main"
        data-testid="place"
        sx={{ flex: 1, display: 'flex', flexDirection: 'column', pb: 3 }}
      >
        {isTitleHeading && (
          <Box component="h1" sx={visuallyHidden}>
            {title}
          </Box>
        )}
        {children}
      </Box>
      <HeatBarPlace
        initial={heat}
        own={null}
        people={people}
        units={person?.units ?? 'metric'}
        initialMs={nowMs}
      />
    </Column>
  );
}
