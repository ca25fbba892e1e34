type Child = Node | string | null;

interface Given {
  readonly className?: string;
  readonly onchange?: () => void;
  readonly type?: string;
  readonly accept?: string;
  readonly rows?: number;
}

/** One element with what is in it; what a file says becomes text, never markup. */
export function element<Name extends keyof HTMLElementTagNameMap>(
  name: Name,
  given: Given,
  ...children: readonly Child[]
): HTMLElementTagNameMap[Name] {
  const made = Object.assign(document.createElement(name), given);
  made.append(...children.filter((child) => child !== null));
  return made;
}
