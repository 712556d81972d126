/** A file that cannot be read. The message says what is wrong in words a user can act on. */
export class DngError extends Error {
  override readonly name: string = 'DngError';
}

/** A file that is whole, of a kind our reader does not know: another one may. */
export class DngNotSupported extends DngError {
  override readonly name = 'DngNotSupported';
}
