/** Sets an optional field, or takes it away. */
export function setOrDrop<T extends object, Key extends keyof T>(target: T, key: Key, value: T[Key] | undefined): void {
  if (value === undefined) delete target[key]
  else target[key] = value
}

/** Makes a draft what `next` is, without what `next` has not. */
export function become<T extends object>(draft: T, next: T): void {
  for (const key of Object.keys(draft)) if (!(key in next)) delete draft[key as keyof T]
  Object.assign(draft, next)
}
