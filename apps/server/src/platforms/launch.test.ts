import { claimNames, isLearning, isTeaching, readLaunch, scopes } from './launch.js';

const CLAIM = 'https://purl.imsglobal.org/spec/lti/claim/';
const MEMBERSHIP = 'http://purl.imsglobal.org/vocab/lis/v2/membership';
const opened = {
  sub: 'u1',
  given_name: 'Amaro',
  family_name: 'Finch',
  [claimNames.version]: '1.3.0',
  [claimNames.messageType]: 'LtiResourceLinkRequest',
  [`${CLAIM}roles`]: [`${MEMBERSHIP}#Learner`],
  [`${CLAIM}context`]: { id: 'c1', label: '6H' },
  [`${CLAIM}resource_link`]: { id: 'r1', title: 'Tides' },
  [`${CLAIM}custom`]: { choice: 'x' },
};
const grades = (scope: readonly string[]) => ({
  'https://purl.imsglobal.org/spec/lti-ags/claim/endpoint': { scope, lineitem: 'https://p/1', lineitems: 'https://p' },
});

test('who teaches in a course, and who learns, by their roles in it and by no others', () => {
  for (const role of ['#Instructor', '#Administrator', '/Instructor#TeachingAssistant', '#ContentDeveloper'])
    expect([role, isTeaching(`${MEMBERSHIP}${role}`)]).toEqual([role, true]);
  for (const role of [
    `${MEMBERSHIP}#Learner`,
    `${MEMBERSHIP}#Mentor`,
    'http://purl.imsglobal.org/vocab/lis/v2/institution/person#Instructor',
    'http://purl.imsglobal.org/vocab/lis/v2/system/person#Administrator',
    'Instructors',
  ])
    expect([role, isTeaching(role)]).toEqual([role, false]);
  expect([isLearning('Learner'), isLearning(`${MEMBERSHIP}#Learner`), isLearning(`${MEMBERSHIP}#Instructor`)]).toEqual([
    ...[true, true, false],
  ]);
});

test('a place that is opened: who, where, and what was chosen for it', () => {
  expect(readLaunch(opened)).toMatchObject({
    ...{ subject: 'u1', name: 'Amaro Finch', teaches: false, choiceId: 'x', choosing: null, lineItem: '' },
    ...{ course: { id: 'c1', title: '6H' }, resource: { id: 'r1', title: 'Tides' } },
  });
});

test('scores go only where the platform allows it, and a column is made only where that is allowed as well', () => {
  expect(readLaunch({ ...opened, ...grades([]) })).toMatchObject({ lineItem: '', lineItems: '' });
  expect(readLaunch({ ...opened, ...grades([scopes.score]) })).toMatchObject({
    lineItem: 'https://p/1',
    lineItems: '',
  });
  expect(readLaunch({ ...opened, ...grades([scopes.score, scopes.lineItem]) })).toMatchObject({
    lineItems: 'https://p',
  });
});

test('choosing needs somewhere to go back to, and a platform that takes what we have', () => {
  const deep = 'https://purl.imsglobal.org/spec/lti-dl/claim/deep_linking_settings';
  const choosing = (settings: object) =>
    readLaunch({ ...opened, [claimNames.messageType]: 'LtiDeepLinkingRequest', [deep]: settings });
  const whole = { deep_link_return_url: 'https://p/back', accept_types: ['ltiResourceLink'], data: 'd' };
  expect(choosing(whole)?.choosing).toEqual({ returnUrl: 'https://p/back', data: 'd', takesScores: true });
  expect(choosing({ ...whole, accept_lineitem: false })?.choosing?.takesScores).toBe(false);
  expect(choosing({ ...whole, accept_types: ['file'] })).toBeNull();
  expect(choosing({ ...whole, deep_link_return_url: '' })).toBeNull();
});

test('what is none of this is not followed', () => {
  expect(readLaunch({ ...opened, [claimNames.version]: '1.1' })).toBeNull();
  expect(readLaunch({ ...opened, sub: '' })).toBeNull();
  expect(readLaunch({ ...opened, [`${CLAIM}resource_link`]: {} })).toBeNull();
});
