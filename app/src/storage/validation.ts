import Ajv, { type ValidateFunction } from 'ajv';

/** The validator at every door values come in by; each schema is compiled on first use. */
const ajv = new Ajv({ allErrors: false });
const compiled = new WeakMap<object, ValidateFunction>();

/** Whether a value is what a JSON Schema describes. */
export function isValid<T>(schema: object, value: unknown): value is T {
  let validate = compiled.get(schema);
  if (!validate) compiled.set(schema, (validate = ajv.compile(schema)));
  return validate(value);
}
