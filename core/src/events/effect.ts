/** A state while it is made: the same fields, to be written to. */
export type Open<C> = {
  -readonly [F in keyof C]: C[F] extends ReadonlyMap<infer K, infer V>
    ? Map<K, V>
    : C[F] extends ReadonlySet<infer V>
      ? Set<V>
      : C[F] extends readonly (infer V)[]
        ? V[]
        : C[F];
};

/** What each kind of event does to a pot's state; null where it does nothing to it. */
export type Effects<E extends { readonly kind: string }, State> = {
  readonly [K in E["kind"]]: ((state: State, event: Extract<E, { kind: K }>) => void) | null;
};
