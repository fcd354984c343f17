import { t } from '@lingui/core/macro';
import { useState } from 'react';
import {
  type DefaultValues,
  type FieldValues,
  get,
  type Path,
  type PathValue,
  useForm as useHookForm,
  useWatch,
} from 'react-hook-form';
import { Refusal } from '../api/client';

/**
 * The field of a form that a refusal points at: "/items/0/what" is "items.0.what", and what points into the text of a
 * field ("/hours/mon/0") means that field. Null where the form has none.
 */
function fieldAt(values: unknown, pointer: string): string | null {
  const found: string[] = [];
  let here = values;
  for (const key of pointer.split('/').slice(1)) {
    if (typeof here !== 'object' || here === null) break;
    here = (here as Record<string, unknown>)[key];
    found.push(key);
  }
  return here === undefined || (typeof here === 'object' && here !== null) ? null : found.join('.');
}

/**
 * A form that the server judges: what is sent when it is submitted, and its refusals at the fields they point to. What
 * points at no field of the form is in `rest`.
 */
export function useForm<T extends FieldValues>(values: DefaultValues<T>) {
  const form = useHookForm<T>({ defaultValues: values });
  const [rest, setRest] = useState<Refusal | null>(null);
  const { errors, isSubmitting, isDirty } = form.formState;
  const typed = useWatch({ control: form.control });
  const said = (name: Path<T>): string | undefined =>
    get<unknown, { message?: string } | undefined>(errors, name)?.message;
  const refused = (cause: unknown) => {
    const refusal = cause instanceof Refusal ? cause : new Refusal(0, t`That did not work.`);
    const others = refusal.errors.filter((wrong) => {
      const name = fieldAt(form.getValues(), wrong.pointer);
      if (name !== null) form.setError(name as Path<T>, { type: 'server', message: Refusal.words(wrong) });
      return name === null;
    });
    if (refusal.errors.length === 0 || others.length > 0)
      setRest(new Refusal(refusal.status, others[0]?.detail ?? refusal.message, others));
  };
  const set = <N extends Path<T>>(name: N, value: PathValue<T, N>) => {
    form.setValue(name, value, { shouldDirty: true });
    form.clearErrors(name);
  };
  return {
    form,
    pending: isSubmitting,
    dirty: isDirty,
    rest,
    /** Handed to a form's onSubmit or a button's onClick; `more` goes along beside the fields. */
    submit: (send: (typed: T) => Promise<unknown>, more?: Partial<T>) => (e?: { preventDefault: () => void }) => {
      e?.preventDefault();
      setRest(null);
      // What the server said of the last try does not keep it from being asked again.
      form.clearErrors();
      void form.handleSubmit((typed) => send({ ...typed, ...more }).catch(refused))();
    },
    set,
    /** Properties of a text field or a choice. */
    field: <N extends Path<T>>(name: N, hint?: string) => ({
      name,
      value: get<unknown, PathValue<T, N> | null | undefined>(typed, name) ?? '',
      onChange: (e: { target: { value: string } }) => {
        set(name, e.target.value as PathValue<T, N>);
      },
      error: said(name) !== undefined,
      helperText: said(name) ?? hint,
    }),
    /** Value and change of what hands on values instead of events. */
    value: <N extends Path<T>>(name: N) => ({
      value: get<unknown, PathValue<T, N>>(typed, name),
      onChange: (value: PathValue<T, N>) => {
        set(name, value);
      },
      error: said(name),
    }),
  };
}

export type Form<T extends FieldValues> = ReturnType<typeof useForm<T>>;
