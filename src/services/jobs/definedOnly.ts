/** Leaves out what is undefined: an absent field stays unchanged. */
export const definedOnly = <T extends object>(patch: T): { [K in keyof T]?: Exclude<T[K], undefined> } =>
  Object.fromEntries(Object.entries(patch).filter(([, value]) => value !== undefined)) as {
    [K in keyof T]?: Exclude<T[K], undefined>
  }
