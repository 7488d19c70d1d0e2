/** The page's own title, in the head: where one is, of what. Each page has one; parts that are empty are left out. */
export const PageTitle = ({ parts }: { parts: readonly (string | null | undefined)[] }) => (
  <title>{[...parts.filter(Boolean), 'Urn Key'].join(' · ')}</title>
);
