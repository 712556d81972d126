/** JSON Schema of an object of exactly these properties. */
export const exactly = (properties: Record<string, object>) => ({
  type: 'object',
  properties,
  required: Object.keys(properties),
  additionalProperties: false,
});
