/** Where a picture or a font is served: by its package, not by the folder that the installer made for it. */
module.exports = (asset) => ({
  ...asset,
  httpServerLocation: asset.httpServerLocation.replace(/\.pnpm\/[^/]+\/node_modules\//, ''),
});
