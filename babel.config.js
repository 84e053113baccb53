module.exports = function babel(api) {
  // Jest has no modules loaded on demand; the bundler has. Paper is cut down to what is used.
  const plugins = api.env('test') ? ['dynamic-import-node'] : ['react-native-paper/babel'];
  return { presets: ['babel-preset-expo'], plugins };
};
