/** Something a person has to know before the command can go on; the message says what and what to do. */
export class Stopped extends Error {}
