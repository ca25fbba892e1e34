import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { FieldError } from '@/ui/FieldError';
import { Choice } from '@/ui/Buttons';
import { TextField, UnitField } from '@/ui/UnitField';

interface FieldOf<T extends FieldValues> {
  readonly control: Control<T>;
  readonly name: FieldPath<T>;
  readonly label: string;
}

/** A figure of a form: text until the form is read. */
export function FormFigure<T extends FieldValues>({
  control,
  name,
  label,
  ...rest
}: FieldOf<T> & { unit?: string; hint?: string; testID?: string }) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <UnitField
          {...rest}
          label={label}
          value={field.value}
          onChange={field.onChange}
          error={fieldState.error?.message}
          hint={field.value === '' ? rest.hint : undefined}
          testID={rest.testID ?? `field-${name}`}
        />
      )}
    />
  );
}

/** A line of words of a form. */
export function FormText<T extends FieldValues>({ control, name, label, ...rest }: FieldOf<T> & { secure?: boolean; multiline?: boolean }) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <TextField
          {...rest}
          label={label}
          value={field.value}
          onChange={field.onChange}
          error={fieldState.error?.message}
          testID={`field-${name}`}
        />
      )}
    />
  );
}

/** One of a few, in a form. */
export function FormChoice<T extends FieldValues>({
  control,
  name,
  label,
  options,
}: FieldOf<T> & { options: readonly { readonly value: string; readonly label: string }[] }) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <>
          <Choice label={label} value={field.value} options={options} onChange={field.onChange} />
          <FieldError text={fieldState.error?.message} />
        </>
      )}
    />
  );
}
