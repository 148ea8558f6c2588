import { remember, remembered } from './remembered';

const key = 'last-working';

/** The working that was open last, so that the selvedge leads back to it. */
export const lastWorking = () => remembered(key);

/** Remembers the working that is open; null forgets it. */
export const rememberWorking = (id: string | null) => remember(key, id);
