'use client';
import type { EventKind } from '@/core/record/entries';
import { PlaceFrame, type PlaceProps } from '@/bench/frame/PlaceFrame';
import { usePerson } from '@/bench/record/hooks';
import { later } from '@/bench/record/later';
import type { ShopDrops } from './shopDrops';

const DropsView = later(() => import('./DropsView'), 'DropsView');

const SHOWN_HERE: readonly EventKind[] = ['home', 'stuck', 'event_retimed', 'event_withdrawn'];

export function DropsPage({ shop, ...place }: PlaceProps & { shop: ShopDrops }) {
  const person = usePerson(place.people);
  return (
    <PlaceFrame
      here="Bench"
      title="What came of the drops"
      subtitle={`${shop.drops.length} drops by heat${shop.isDemo ? ', of the demo and what is rehearsed' : ''}`}
      shows={SHOWN_HERE}
      isTitleHeading
      {...place}
    >
      <DropsView shop={shop} units={person?.units ?? 'metric'} />
    </PlaceFrame>
  );
}
