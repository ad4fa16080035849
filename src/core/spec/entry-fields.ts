/** Name of the field that keeps a quantity of the list that nobody can read. */
export const UNREAD_QUANTITY = 'quantity';
