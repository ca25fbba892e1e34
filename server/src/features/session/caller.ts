import ipaddr from 'ipaddr.js';

/** An address as one caller: an IPv6 network of 64 bits is one household. */
export function caller(address: string): string {
  if (!ipaddr.isValid(address)) return address;
  const ip = ipaddr.process(address);
  return ip.kind() === 'ipv6' ? ip.toByteArray().slice(0, 8).join('.') : ip.toString();
}
