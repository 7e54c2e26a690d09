/** Signing in through a school's own provider (OpenID Connect). */
export { OidcModule } from './oidc.module.js';
