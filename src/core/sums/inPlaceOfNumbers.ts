import { MATERIALS, type Material } from '@/core/catalogue/materials';
import type { Issue } from '@/core/quantity/result';
import type { Field } from './sum';

/** A material by its code (`az91`), or by its name as people write it (`AZ91`, `cast magnesium AZ91`, `AlSi7Mg-T6`). */
export function findMaterial(text: string): Material | null {
  const plain = (name: string) => name.toLowerCase().replace(/[^a-z0-9]/g, '');
  const wanted = plain(text);
  return (
    Object.values(MATERIALS).find(({ code, name }) =>
      [code, name, name.split(' ').at(-1)!].some((each) => plain(each) === wanted),
    ) ?? null
  );
}

/** Numbers of a metal that stand alone, without saying whose: the body (or group) is about one part. */
const UNPREFIXED = ['alpha_per_K', 'specific_heat_J_kgK', 'density_kg_m3', 'conductivity_W_mK'];

/** Under which name a metal may be given for this number: `housing_material`, or plain `material`. */
export const materialKeyOf = (fieldName: string) =>
  UNPREFIXED.includes(fieldName) ? 'material' : `${fieldName.split('_')[0]!}_material`;

/**
 * A material's name may stand in place of its numbers: in a number's own place (`"housing_alpha_per_K": "az91"`), or once for all of
 * a part (`"housing_material": "az91"` or `"material"`), whose missing numbers are then filled in.
 * @returns the body with numbers, and which materials were taken; unknown names as issues
 */
export function fillInMaterials(
  fields: readonly Field[],
  body: Readonly<Record<string, unknown>>,
): { body: Record<string, unknown>; issues: Issue[] } {
  const filled: Record<string, unknown> = { ...body };
  const issues: Issue[] = [];
  const look = (text: string, field: string): Material | null => {
    const found = findMaterial(text);
    if (!found && !issues.some((issue) => issue.field === field))
      issues.push({ code: 'unknown_material', field, given: text });
    return found;
  };
  for (const field of fields) {
    if (field.kind === 'group') {
      const inner = filled[field.name];
      if (typeof inner !== 'object' || inner === null || Array.isArray(inner)) continue;
      const deep = fillInMaterials(field.fields, inner as Record<string, unknown>);
      filled[field.name] = deep.body;
      issues.push(...deep.issues.map((issue) => ({ ...issue, field: `${field.name}.${issue.field}` })));
    }
    if (field.kind !== 'number' || !field.property) continue;
    const value = filled[field.name];
    const named = [materialKeyOf(field.name), 'material'].find((key) => typeof filled[key] === 'string');
    const material =
      typeof value === 'string'
        ? look(value, field.name)
        : value === undefined && named
          ? look(filled[named] as string, named)
          : null;
    if (material) filled[field.name] = material[field.property];
  }
  return { body: filled, issues };
}
