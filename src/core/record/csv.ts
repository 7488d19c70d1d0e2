import Papa from 'papaparse';

type Cell = string | number;

/** Spreadsheets take a text that begins so for a formula, and run it. */
const STARTS_A_FORMULA = /^[=+\-@\t\r]/;

/** A text as a spreadsheet shows it and no more; numbers stay numbers. */
const safeCell = (cell: Cell): Cell =>
  typeof cell === 'string' && STARTS_A_FORMULA.test(cell) ? `'${cell}` : cell;

/**
 * Rows as CSV (RFC 4180), decimal point, in the order of `columns`. A text that a spreadsheet would run as a formula gets an apostrophe
 * before it.
 */
export const writeCsv = <C extends string>(
  columns: readonly C[],
  rows: readonly Readonly<Record<C, Cell>>[],
): string =>
  Papa.unparse(
    { fields: [...columns], data: rows.map((row) => columns.map((column) => safeCell(row[column]))) },
    { newline: '\r\n' },
  );
