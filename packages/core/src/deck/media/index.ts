/** Videos and sounds: what they have in common, what is said in them, and voices of slides. */
export * from './captions.js';
export * from './media-fields.js';
export * from './slide-voice.js';
export * from './waveform.js';
