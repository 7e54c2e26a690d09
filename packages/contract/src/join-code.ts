/** Join codes as people type and read them. */

/** A code as it is compared: capitals and digits only. */
export function plainCode(typed: string): string {
  return typed.toUpperCase().replace(/[^A-Z0-9]/g, '');
}

/** A code as it is shown: letters, a hyphen, digits. */
export function readableCode(code: string): string {
  return code.replace(/^([A-Z]+)(\d+)$/, '$1-$2');
}
