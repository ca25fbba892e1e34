module.exports = function (api) {
  api.cache(true);
  // Paper's parts one by one: all of it would come to the first screen, and to each file of tests.
  const parts = { plugins: ['react-native-paper/babel'] };
  return { presets: ['babel-preset-expo'], env: { production: parts, test: parts } };
};
