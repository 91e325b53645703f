/** Sets an optional field, or takes it away. */
export function setOrDrop<T extends object, Key extends keyof T>(target: T, key: Key, value: T[Key] | undefined): void {
  if (value === undefined) delete target[key]
  else target[key] = value
}
