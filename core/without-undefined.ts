/** An object whose undefined entries are left out, as a record leaves out what is not known. */
export type WithoutUndefined<T> = { [K in keyof T as undefined extends T[K] ? never : K]: T[K] } & {
  [K in keyof T as undefined extends T[K] ? K : never]?: Exclude<T[K], undefined>;
};

export function withoutUndefined<T extends object>(object: T): WithoutUndefined<T> {
  return Object.fromEntries(
    Object.entries(object).filter(([, value]) => value !== undefined),
  ) as WithoutUndefined<T>;
}
