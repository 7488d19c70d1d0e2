import { Link } from '@/ui/parts/Link';
import { PageTitle } from '@/ui/parts/PageTitle';
import { TYPE } from '@/ui/theme/tokens';

export default function NotFound() {
  return (
    <main style={{ padding: 32, fontSize: TYPE.name }}>
      <PageTitle parts={['Not here']} />
      <h1>This is not here.</h1>
      <p>The job or seat in this address does not exist in this shop.</p>
      <p>
        <Link href="/">To the bench</Link>
      </p>
    </main>
  );
}
