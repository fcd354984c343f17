import { t } from '@lingui/core/macro';
import {
  type DefaultValues,
  type FieldValues,
  get,
  type Path,
  type PathValue,
  useForm as useHookForm,
} from 'react-hook-form';
import { Refusal } from '../api/client';

/** "/items/0/what" of a refusal is "items.0.what" of a form. */
const nameOf = (pointer: string): string => pointer.replace(/^\//, '').replaceAll('/', '.');

/**
 * A form that the server judges: what is sent when it is submitted, and its refusals at the fields they point to. What
 * points at no field of the form is in `rest`.
 */
export function useForm<T extends FieldValues>(values: DefaultValues<T>, send: (values: T) => Promise<unknown>) {
  const form = useHookForm<T>({ defaultValues: values });
  const { errors, isSubmitting, isDirty } = form.formState;
  const said = (name: Path<T>): string | undefined => {
    const error = get(errors, name) as { message?: string } | undefined;
    return error?.message;
  };
  const refused = (cause: unknown) => {
    const refusal = cause instanceof Refusal ? cause : new Refusal(0, t`That did not work.`);
    const isField = (pointer: string) => pointer !== '' && get(form.getValues(), nameOf(pointer)) !== undefined;
    for (const wrong of refusal.errors.filter((e) => isField(e.pointer)))
      form.setError(nameOf(wrong.pointer) as Path<T>, { type: 'server', message: Refusal.words(wrong) });
    const others = refusal.errors.filter((e) => !isField(e.pointer));
    if (refusal.errors.length === 0 || others.length > 0)
      form.setError('root.server', { message: refusal.message, types: { rest: JSON.stringify(others) } });
  };
  const root = errors.root?.['server'];
  const rest = root && new Refusal(0, root.message ?? '', JSON.parse(String(root.types?.['rest'])) as Refusal['errors']);
  return {
    form,
    pending: isSubmitting,
    dirty: isDirty,
    rest,
    /** Handed to a form's onSubmit or a button's onClick; `more` goes along beside the fields. */
    submit: (more?: Partial<T>) => (e?: { preventDefault: () => void }) => {
      e?.preventDefault();
      void form.handleSubmit((v) => send({ ...v, ...more }).catch(refused))();
    },
    /** Properties of a text field. */
    field: (name: Path<T>, hint?: string) => {
      const { ref, ...on } = form.register(name);
      return { ...on, inputRef: ref, error: said(name) !== undefined, helperText: said(name) ?? hint };
    },
    /** Value and change of what is no plain text field, a choice among them. */
    value: <N extends Path<T>>(name: N) => ({
      value: form.watch(name),
      onChange: (value: PathValue<T, N>) => {
        form.setValue(name, value, { shouldDirty: true });
        form.clearErrors(name);
      },
      error: said(name),
    }),
  };
}
