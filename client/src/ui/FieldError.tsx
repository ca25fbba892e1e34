import { Words } from './Words';

interface FieldErrorProps {
  readonly text: string | null | undefined;
  readonly hint?: string | undefined;
}

/** What is wrong with a field, under it; else what helps to fill it in, where anything does. */
export function FieldError({ text, hint }: FieldErrorProps) {
  const says = text || hint;
  return says ? (
    <Words size={14} tone={text ? 'red' : 'ink2'} {...(text ? { role: 'alert' } : {})}>
      {says}
    </Words>
  ) : null;
}
