const http = require('node:http');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

/** Paper's stock icon font weighs 1.3 MB and is not used: our few marks are drawn. */
const ICON_FONTS = /^(@expo\/vector-icons|@react-native-vector-icons|react-native-vector-icons)/;

/** Would be taken along by the gestures, which do without it: nothing here is animated off the main thread. */
const REANIMATED = /^react-native-reanimated$/;

config.resolver.resolveRequest = (context, name, platform) =>
  ICON_FONTS.test(name) || REANIMATED.test(name) ? { type: 'empty' } : context.resolveRequest(context, name, platform);

/** In the working loop the page asks Metro for the API too: hand that on to the server, so that there is one origin as in earnest. */
function handOn(request, response) {
  const { hostname, port } = new URL(process.env.KESTO_API);
  const headers = { ...request.headers, host: `${hostname}:${port}`, origin: process.env.KESTO_API };
  const onward = http.request({ hostname, port, path: request.url, method: request.method, headers }, (answer) => {
    response.writeHead(answer.statusCode, answer.headers);
    answer.pipe(response);
  });
  onward.on('error', () => response.writeHead(502).end());
  request.pipe(onward);
}

config.server = {
  ...config.server,
  enhanceMiddleware: (metro) => (request, response, next) =>
    process.env.KESTO_API && request.url.startsWith('/api') ? handOn(request, response) : metro(request, response, next),
};

module.exports = config;
