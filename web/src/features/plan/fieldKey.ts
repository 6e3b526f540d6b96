/** A field's name in the core, such as EXPECTED_STOP, as the key it has in a request: expectedStop. */
export const fieldKey = (field: string) =>
  field.toLowerCase().replace(/_(.)/g, (_, letter: string) => letter.toUpperCase());
