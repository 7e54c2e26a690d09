/**
 * What a platform says when somebody comes from it: the claims of an LTI 1.3 launch (1EdTech, “Learning Tools Interoperability Core
 * Specification 1.3”, “Deep Linking 2.0”, “Assignment and Grade Services 2.0”, “Names and Role Provisioning Services 2.0”).
 */
import { type Fields, readFields, readString } from '@gobrel/core/deck';

const CLAIM = 'https://purl.imsglobal.org/spec/lti/claim/';
const DEEP = 'https://purl.imsglobal.org/spec/lti-dl/claim/';
const MEMBERS = 'https://purl.imsglobal.org/spec/lti-nrps/claim/namesroleservice';
const GRADES = 'https://purl.imsglobal.org/spec/lti-ags/claim/endpoint';

/** The names of claims that are written as well as read. */
export const claimNames = {
  deploymentId: `${CLAIM}deployment_id`,
  messageType: `${CLAIM}message_type`,
  version: `${CLAIM}version`,
  contentItems: `${DEEP}content_items`,
  data: `${DEEP}data`,
} as const;

/** What we may ask a platform for. */
export const scopes = {
  members: 'https://purl.imsglobal.org/spec/lti-nrps/scope/contextmembership.readonly',
  lineItem: 'https://purl.imsglobal.org/spec/lti-ags/scope/lineitem',
  score: 'https://purl.imsglobal.org/spec/lti-ags/scope/score',
} as const;

/** A launch. '' stands for what the platform does not say. */
export interface Launch {
  readonly subject: string;
  readonly email: string;
  readonly name: string;
  /** As the school's own system knows them. */
  readonly rosterId: string;
  /** Whether they teach there; else they learn. */
  readonly teaches: boolean;
  readonly course: { readonly id: string; readonly title: string };
  /** The place in the course that was opened; '' when something is chosen. */
  readonly resource: { readonly id: string; readonly title: string };
  /** The id of what was chosen for the place. */
  readonly choiceId: string;
  readonly membersUrl: string;
  readonly lineItem: string;
  readonly lineItems: string;
  /** Where what is chosen is sent; `null` when nothing is chosen. */
  readonly choosing: { readonly returnUrl: string; readonly data: string; readonly takesScores: boolean } | null;
}

/** The longest text of a claim, in letters. */
const LONGEST = 2000;

/** Reads a launch out of claims that were shown to be the platform's; `null` when it is none that can be followed. */
export function readLaunch(claims: unknown): Launch | null {
  const fields = readFields(claims);
  if (!fields) return null;
  const text = (from: Fields | null, name: string) => readString(from?.[name], '', LONGEST).trim();
  const part = (name: string) => readFields(fields[name]);
  const type = text(fields, claimNames.messageType);
  const subject = text(fields, 'sub');
  const course = part(`${CLAIM}context`);
  const resource = part(`${CLAIM}resource_link`);
  const settings = part(`${DEEP}deep_linking_settings`);
  const grades = part(GRADES);
  const allowed = textsIn(grades?.['scope']);
  if (subject === '' || text(fields, claimNames.version) !== '1.3.0') return null;
  const isChoosing = type === 'LtiDeepLinkingRequest';
  if (!isChoosing && (type !== 'LtiResourceLinkRequest' || text(resource, 'id') === '')) return null;
  const accepts = textsIn(settings?.['accept_types']);
  const returnUrl = text(settings, 'deep_link_return_url');
  if (isChoosing && (returnUrl === '' || !accepts.includes('ltiResourceLink'))) return null;
  const named = [text(fields, 'given_name'), text(fields, 'family_name')].filter((name) => name !== '').join(' ');
  return {
    ...{ subject, email: text(fields, 'email'), name: text(fields, 'name') || named },
    rosterId: text(part(`${CLAIM}lis`), 'person_sourcedid'),
    teaches: textsIn(fields[`${CLAIM}roles`]).some(isTeaching),
    course: { id: text(course, 'id'), title: text(course, 'title') || text(course, 'label') },
    resource: { id: text(resource, 'id'), title: text(resource, 'title') },
    choiceId: text(part(`${CLAIM}custom`), 'choice'),
    membersUrl: text(part(MEMBERS), 'context_memberships_url'),
    lineItem: allowed.includes(scopes.score) ? text(grades, 'lineitem') : '',
    lineItems: allowed.includes(scopes.score) && allowed.includes(scopes.lineItem) ? text(grades, 'lineitems') : '',
    choosing: isChoosing
      ? { returnUrl, data: text(settings, 'data'), takesScores: settings?.['accept_lineitem'] !== false }
      : null,
  };
}

/** Whether a role is that of somebody who teaches in the course, or runs it. Roles of the whole school say nothing of a course. */
export function isTeaching(role: string): boolean {
  const name = /(?:^|membership(?:\/[A-Za-z]+)?#)([A-Za-z]+)$/.exec(role)?.[1] ?? '';
  return ['Instructor', 'Administrator', 'ContentDeveloper', 'TeachingAssistant'].includes(name);
}

/** Whether a role is that of somebody who learns in the course. */
export function isLearning(role: string): boolean {
  return /(?:^|membership#)Learner$/.test(role);
}

function textsIn(value: unknown): readonly string[] {
  return Array.isArray(value) ? value.filter((each): each is string => typeof each === 'string') : [];
}
