import { renderToBuffer } from '@react-pdf/renderer';
import { JobCard, type CardInput } from './JobCard';
import { registerFaces } from './paper';

/** The card of a job as a PDF, A4: a page for its owner, and the workshop’s behind it. */
export async function renderCard(input: CardInput): Promise<Uint8Array<ArrayBuffer>> {
  registerFaces();
  return new Uint8Array(await renderToBuffer(<JobCard {...input} />));
}
