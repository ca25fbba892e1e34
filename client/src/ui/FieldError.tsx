import { Words } from './Words';

/** What is wrong with a field, under it; nothing where nothing is. */
export function FieldError({ text }: { text: string | null | undefined }) {
  return text ? (
    <Words size={14} tone="red" role="alert">
      {text}
    </Words>
  ) : null;
}
