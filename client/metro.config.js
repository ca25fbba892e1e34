const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

/** Paper's stock icon font weighs 1.3 MB and is not used: our few marks are drawn. */
const ICON_FONTS = /^(@expo\/vector-icons|@react-native-vector-icons|react-native-vector-icons)/;

config.resolver.resolveRequest = (context, name, platform) =>
  ICON_FONTS.test(name) ? { type: 'empty' } : context.resolveRequest(context, name, platform);

module.exports = config;
