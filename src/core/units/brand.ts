declare const brand: unique symbol;

/** A value that the type system keeps apart from others of the same representation. */
export type Brand<T, Name extends string> = T & { readonly [brand]: Name };
