/** What rows of tables say to people beside their ids and figures. */
const SAID_BY_TABLES: readonly string[] = ['source', 'composition', 'confidence'];

/** What the engine answers with its ids and figures alone: what tables say in words is not hashed, whoever reads looks it up. */
export function figuresOf(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(figuresOf);
  if (typeof value !== 'object' || value === null) return value;
  const kept = Object.entries(value).filter(([key]) => !SAID_BY_TABLES.includes(key));
  return Object.fromEntries(kept.map(([key, inner]) => [key, figuresOf(inner)]));
}
