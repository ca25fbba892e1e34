/** What the application may do with the rows of a table, beside reading and adding. */
interface Table {
  readonly name: string;
  readonly change?: true;
  readonly remove?: true;
}

/**
 * Every table that holds a shop's rows. Grants, row-level security and their tests follow from this list, and a test
 * compares it with the database's own catalogue, so that a table left out of it fails there.
 */
export const SHOP_TABLES: readonly Table[] = [
  { name: 'shop', change: true },
  { name: 'person', change: true },
  { name: 'session', change: true, remove: true },
  { name: 'invite', change: true },
  { name: 'site', change: true },
  { name: 'unit', change: true },
  { name: 'circuit', change: true },
  { name: 'circuit_drawing' },
  { name: 'joint', change: true },
  { name: 'job', change: true },
  { name: 'job_joint', change: true },
  { name: 'joint_plan' },
  { name: 'ledger' },
  { name: 'ledger_words', remove: true },
  { name: 'photo' },
  { name: 'photo_sent' },
  { name: 'audit' },
  { name: 'refused_try', change: true, remove: true },
  { name: 'search_word', change: true, remove: true },
  { name: 'day_pin' },
  { name: 'pin_use', change: true },
  { name: 'series', change: true },
  { name: 'series_block' },
  { name: 'tree_leaf' },
  { name: 'tree_node' },
  { name: 'tree_head' },
  { name: 'tree_given' },
  { name: 'joint_found', change: true },
  { name: 'joint_stale', change: true, remove: true },
  { name: 'label_given' },
  { name: 'imported_file' },
  { name: 'imported_joint' },
  { name: 'chain_grown', change: true, remove: true },
];

const rights = ({ change, remove }: Table) => ['select', 'insert', ...(change ? ['update'] : []), ...(remove ? ['delete'] : [])].join(', ');

/** All the application's role may do, said anew at every start: whatever it had beside that is taken away first. */
export const grantsFor = (role: string): readonly string[] => [
  `revoke all on all tables in schema public from ${role}`,
  `revoke all on all functions in schema public from ${role}`,
  ...SHOP_TABLES.map((table) => `grant ${rights(table)} on "${table.name}" to ${role}`),
];
