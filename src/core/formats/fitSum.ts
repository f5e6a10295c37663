/** Each byte's share of a sum: CRC-16/ARC, reflected polynomial A001, as the FIT protocol has it ("CRC", a table by half bytes there). */
const SHARES = Uint16Array.from({ length: 256 }, (_, byte) => {
  let sum = byte;
  for (let bit = 0; bit < 8; bit++) sum = sum & 1 ? (sum >> 1) ^ 0xa001 : sum >> 1;
  return sum;
});

/** The check sum of some bytes, up to `end`, by which a FIT file tells that it is whole. */
export function fitSum(bytes: Uint8Array, end: number): number {
  let sum = 0;
  for (let n = 0; n < end; n++) sum = (sum >> 8) ^ SHARES[(sum ^ bytes[n]!) & 0xff]!;
  return sum;
}
