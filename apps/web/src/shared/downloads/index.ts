/** Saving something as a file on the device. */

export { fileName } from './file-name';

/** Saves text as a file. */
export function saveText(text: string, type: string, name: string): void {
  saveBlob(new Blob([text], { type: `${type};charset=utf-8` }), name);
}

/** Saves what the server sends as a file, under the name that it gives it. */
export function saveFrom(address: string): void {
  const link = document.createElement('a');
  link.href = address;
  link.download = '';
  link.click();
}

/** Saves bytes as a file. */
export function saveBlob(blob: Blob, name: string): void {
  const address = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
