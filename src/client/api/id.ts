/** A new id: a UUID of version 7, whose first 48 bits are the time, so that ids sort by when they were made. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  const now = Date.now();
  for (let i = 0; i < 6; i++) bytes[i] = Math.floor(now / 2 ** (8 * (5 - i))) & 0xff;
  bytes[6] = (bytes[6]! & 0x0f) | 0x70;
  bytes[8] = (bytes[8]! & 0x3f) | 0x80;
  const hex = Array.from(bytes, (b) => b.toString(16).padStart(2, '0')).join('');
  return [8, 12, 16, 20, 32].map((end, i) => hex.slice([0, 8, 12, 16, 20][i], end)).join('-');
}
