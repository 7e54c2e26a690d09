/** Sharing decks: what other features use of it. */
export { ShareDialog } from './share-dialog/share-dialog';
export { FollowCode } from './following/follow-code';
export { FollowDialog } from './following/follow-dialog';
export { useFollowing } from './following/use-following';
