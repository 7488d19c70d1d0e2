import { describe, expect, it } from 'vitest';
import { valueAt, withValues } from './dotted';

describe('data by dotted place', () => {
  const data = { own: 1, inner: { a: 2, b: { c: 3 } } };
  it('is read where it stands', () =>
    expect(['own', 'inner.a', 'inner.b.c'].map((path) => valueAt(data, path))).toEqual([1, 2, 3]));
  it('is changed in a copy: what was given stays as it is', () => {
    const changed = withValues(data, [
      ['own', 10],
      ['inner.b.c', 30],
    ]);
    expect(changed).toEqual({ own: 10, inner: { a: 2, b: { c: 30 } } });
    expect(data).toEqual({ own: 1, inner: { a: 2, b: { c: 3 } } });
  });
});
