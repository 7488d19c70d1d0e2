import { Link } from '@/ui/parts/Link';
import type { ReactNode } from 'react';
import { token } from '@/ui/theme/tokens';

/** A link that stands by itself in a text: tall enough for a thumb in a glove. */
export const TapLink = ({ href, children }: { href: string; children: ReactNode }) => (
  <Link
    href={href}
    style={{ color: token('ink'), display: 'inline-flex', alignItems: 'center', minHeight: 48, minWidth: 48 }}
  >
    {children}
  </Link>
);
