/** Every word of the interface: the messages of the catalogue by feature, and what is put together from them. */
export * as messages from '@gobrel/messages';
export { direction, language, languages, locale } from '@gobrel/messages';
export { creditWords } from './credit-words';
export { branchCalled, destinationIn } from './destinations';
export { mendInWords, whyInWords } from './findings';
export { gateMissing, openWhen } from './gates';
export { byName, inOrder } from './in-order';
export { itemCalled } from './in-sentences';
export { languageName } from './language-name';
export { lossInWords } from './losses';
export { unreadInWords } from './unread';
export { duration, fileSize, inFull, listed, percent, someOf, withUnit } from './phrases';
export { pointsInWords } from './points';
export { faultInWords, problemInWords } from './problems';
export { reasonInWords, ruleInWords } from './reasons';
export { slideName } from './slide-name';
export { slideWords } from './slide-words';
export { themeName } from './theme-name';
