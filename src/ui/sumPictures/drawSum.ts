import type { Picture } from '@/core/sums/sum';
import type { Scene, SceneMark } from '@/ui/drawing/scene';
import { placeLabels } from '@/ui/drawing/placeLabels';
import { fitPicture, statesPicture, zonesPicture } from './fits';
import type { PictureInput } from './sumInput';
import { bossPicture } from './boss';
import { clockPicture } from './clocks';
import { hubPicture } from './hub';
import { curvePicture } from './curves';
import { driverPicture, rodPicture } from './driving';
import { boltPicture, chainPicture, partPicture } from './assembly';
import { sealPicture } from './sealing';

const BUILDERS: Record<Picture, (input: PictureInput) => SceneMark[]> = {
  fit: fitPicture,
  curve: curvePicture,
  zones: zonesPicture,
  rod: rodPicture,
  driver: driverPicture,
  clock: clockPicture,
  chain: chainPicture,
  bolt: boltPicture,
  states: statesPicture,
  seal: sealPicture,
  part: partPicture,
  boss: bossPicture,
  hub: hubPicture,
};

/** The drawing that explains a sum, from its inputs and answers. */
export const drawSum = (input: PictureInput): Scene => ({
  width: input.width,
  height: input.height,
  description: `${input.sum.title} ${input.sum.lead}`,
  marks: placeLabels(BUILDERS[input.sum.picture](input), input),
});
