import { screen } from '@testing-library/react-native';

/** One thing of a drawing, as it is handed to the device. */
export interface Mark {
  readonly type: string;
  readonly props: Readonly<Record<string, unknown>>;
}

/** Everything on the paper, in the order it is drawn. */
export function marks(): readonly Mark[] {
  const found: Mark[] = [];
  const visit = (node: unknown): void => {
    if (Array.isArray(node)) return node.forEach(visit);
    if (typeof node !== 'object' || node === null) return;
    const { type, props, children } = node as { type?: string; props?: Mark['props']; children?: readonly unknown[] | null }; // cast: of a drawing as it is rendered
    if (type) found.push({ type, props: props ?? {} });
    visit(children ?? []);
  };
  visit(screen.toJSON());
  return found;
}

/** Every word on the paper. */
export const letters = (): readonly string[] =>
  marks().flatMap(({ props: { content } }) => (typeof content === 'string' && content !== '' ? [content] : []));
