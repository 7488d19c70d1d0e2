/** Computes once for each object, and only when it is asked for. The object is taken to stay as it is. */
export function oncePer<K extends object, V>(compute: (key: K) => V): (key: K) => V {
  const known = new WeakMap<K, { value: V }>();
  return (key) => {
    const found = known.get(key) ?? { value: compute(key) };
    known.set(key, found);
    return found.value;
  };
}
