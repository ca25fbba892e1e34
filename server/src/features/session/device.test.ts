import { deviceOf } from './openSession';

test.each([
  ['Mozilla/5.0 (Linux; Android 14; Pixel) Mobile Safari/537.36', 'Android, phone'],
  ['Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X) Mobile/15E148', 'iOS, phone'],
  ['Mozilla/5.0 (Windows NT 10.0; Win64; x64)', 'Windows'],
  ['Mozilla/5.0 (X11; Linux x86_64)', 'Linux'],
  ['', 'another device'],
])('“%s” is %s', (userAgent, device) => expect(deviceOf(userAgent)).toBe(device));
