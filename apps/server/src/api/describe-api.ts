/** The document of the API and what would break in it, for the command that publishes it, which starts no server. */
import 'reflect-metadata';
import { ApiController } from './api.controller.js';
import { type ApiDocument, apiDocument } from './document.js';

export { breakingChanges } from './breaking-changes.js';

/** The document as the API is now. */
export function describeApi(): ApiDocument {
  return apiDocument(ApiController);
}
