module.exports = function babel(api) {
  // Jest has no modules loaded on demand; the bundler has.
  const plugins = api.env('test') ? ['dynamic-import-node'] : [];
  return { presets: ['babel-preset-expo'], plugins };
};
