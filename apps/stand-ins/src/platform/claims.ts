/** The names of claims, roles and scopes, as LTI 1.3 and what belongs to it say them. */
import type { Person } from '../people.js';

const CLAIM = 'https://purl.imsglobal.org/spec/lti/claim/';
const DEEP = 'https://purl.imsglobal.org/spec/lti-dl/claim/';

export const claims = {
  version: `${CLAIM}version`,
  deploymentId: `${CLAIM}deployment_id`,
  messageType: `${CLAIM}message_type`,
  roles: `${CLAIM}roles`,
  context: `${CLAIM}context`,
  resource: `${CLAIM}resource_link`,
  targetLink: `${CLAIM}target_link_uri`,
  custom: `${CLAIM}custom`,
  lis: `${CLAIM}lis`,
  choosing: `${DEEP}deep_linking_settings`,
  contentItems: `${DEEP}content_items`,
  data: `${DEEP}data`,
  members: 'https://purl.imsglobal.org/spec/lti-nrps/claim/namesroleservice',
  grades: 'https://purl.imsglobal.org/spec/lti-ags/claim/endpoint',
} as const;

export const messageTypes = { open: 'LtiResourceLinkRequest', choose: 'LtiDeepLinkingRequest' } as const;

export const scopes = {
  members: 'https://purl.imsglobal.org/spec/lti-nrps/scope/contextmembership.readonly',
  lineItem: 'https://purl.imsglobal.org/spec/lti-ags/scope/lineitem',
  score: 'https://purl.imsglobal.org/spec/lti-ags/scope/score',
} as const;

/** How somebody's part in the course is called. */
export function roleOf(role: Person['role']): string {
  return `http://purl.imsglobal.org/vocab/lis/v2/membership#${role === 'teacher' ? 'Instructor' : 'Learner'}`;
}
