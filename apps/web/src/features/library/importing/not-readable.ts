/** A file that says what it is, and that it cannot be read: its message is what to do. */
export class NotReadable extends Error {}
