/** Words a student reads. */
import { clock, many } from './phrases';

export const join = {
  title: 'Into the lesson',
  lesson: 'the lesson',
  code: 'Code from the board',
  codeHint: 'Four letters and three digits.',
  enter: 'Go on',
  whoAreYou: 'Who are you?',
  pin: 'Your PIN',
  pinHint: 'Four digits. Forgotten? Your teacher can give you a new one.',
  newPin: 'Choose a PIN',
  newPinHint: 'Four digits, only for you. You need them again next time.',
  begin: 'Begin',
  notMe: 'That is not me',
  goOn: 'Go on',
  leave: 'That is not me',
  stillIn: (name: string, title: string) => `${name} is still in “${title}” on this device.`,
} as const;

export const student = {
  slides: 'your slides',
  progress: (filled: number, asked: number) => `${filled} of ${asked} done here`,
  putBack: 'Put pieces back',
  putSomeBack: 'Put some pieces back',
  thoseIn: (zone: string) => `Those in ${zone}`,
  larger: 'Larger',
  wholeSlide: 'Whole slide',
  submit: 'Submit',
  submitTitle: 'Submit your work?',
  stillEmpty: (count: number) =>
    `${many(count, 'thing is', 'things are')} still empty. You can submit all the same, and take it back until the lesson closes.`,
  allFilled: 'Everything is filled in. You can take it back until the lesson closes.',
  notYet: 'Not yet',
  sending: 'Sending …',
  notYetThere:
    'Your last changes have not reached the server yet; they are kept on this device. Submit again when the network is back.',
  arrived: 'Your work has arrived.',
  submitted: (at: string) => `Submitted at ${clock.format(new Date(at))}. It has arrived.`,
  takeBack: 'Take it back',
  held: 'Answers are held for the moment: you can look, and go on when your teacher says so.',
  closed: 'The lesson is closed. You can still look.',
  yourTurn: 'It is your turn: the class screen shows your slides. Turn the pages here.',
} as const;
