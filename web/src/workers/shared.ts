const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === "object" && value !== null;
const isPlain = (value: object): boolean =>
  Array.isArray(value) || Object.getPrototypeOf(value) === Object.prototype;

/**
 * The newer value with every part of the older one that says the same in its place: what crosses from thread
 * to thread is always a copy, and what is worked out from a part is known by that part.
 * @param newer plain data; anything else is taken as it is
 */
export function shared<T>(newer: T, older: unknown): T {
  if (Object.is(newer, older)) return newer;
  if (!isObject(newer) || !isObject(older) || !isPlain(newer) || !isPlain(older)) return newer;
  const isSameList = Array.isArray(newer) === Array.isArray(older);
  if (!isSameList) return newer;
  const keys = Object.keys(newer);
  const parts = keys.map((key) => shared(newer[key], older[key]));
  const isAsOld =
    keys.length === Object.keys(older).length &&
    keys.every((key, i) => key in older && Object.is(parts[i], older[key]));
  if (isAsOld) return older as T;
  if (Array.isArray(newer)) return parts as T;
  return Object.fromEntries(keys.map((key, i) => [key, parts[i]])) as T;
}
