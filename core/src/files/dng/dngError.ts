/** A file that cannot be read. The message says what is wrong in words a user can act on. */
export class DngError extends Error {
  override readonly name = 'DngError';
}
