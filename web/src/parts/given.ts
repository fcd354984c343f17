interface Case<T> {
  or: <const U>(holds: unknown, value: U) => Case<T | U>;
  else: <const U>(value: U) => T | U;
}

/** The value of the first case that holds: `given(bad, 'lead').or(late, 'brass').else('ink')`. All are worked out. */
export function given<const T>(holds: unknown, value: T): Case<T> {
  if (holds) return { or: () => given<T>(true, value), else: () => value };
  return { or: (next, other) => given(next, other), else: (other) => other };
}
