const { writeFileSync } = require('node:fs');
const { getDefaultConfig } = require('expo/metro-config');

const escaped = __dirname.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const config = getDefaultConfig(__dirname);
config.resolver.assetExts.push('woff2');
// A folder that begins with a dot is not served.
config.transformer.assetPlugins.push(require.resolve('./tools/run/asset-place.cjs'));
// A module runs when it is first used, not when the page loads.
config.transformer.getTransformOptions = async () => ({
  transform: { experimentalImportSupport: false, inlineRequires: true },
});
// Two fifths of the build's time went into names: into what the usual way of making short takes, and into
// a pass that gives short names to what the minifier names again.
config.transformer.minifierPath = require.resolve('./tools/run/minify.cjs');
config.transformer.unstable_disableNormalizePseudoGlobals = true;
// Tests stand beside what they test, and are no part of the application.
config.resolver.blockList = [/\.test\.tsx?$/, new RegExp(`^${escaped}/(dist|e2e|test-results)/`)];

// zod carries its messages in fifty languages, makes JSON Schemas and builds code from schemas; the
// application shows its own words, and only checks what comes in.
const onlyEnglish = require.resolve('zod/v4/locales/en.js');
const UNUSED_OF_ZOD =
  /^\.{1,2}\/(core\/)?(compile|from-json-schema|json-schema-generator|json-schema-processors)\.c?js$/;
const inZod = /[\\/]zod[\\/]v4[\\/]/;
config.resolver.resolveRequest = (context, name, platform) => {
  if (inZod.test(context.originModulePath)) {
    if (/^(\.\.|\.)\/locales\/index\.c?js$/.test(name)) {
      return { type: 'sourceFile', filePath: onlyEnglish };
    }
    if (UNUSED_OF_ZOD.test(name)) return { type: 'empty' };
  }
  return noted(context.resolveRequest(context, name, platform));
};

// What is served is known here alone: its packages' licences are served with it.
const used = new Set();
function noted(resolved) {
  const files = resolved.type === 'assetFiles' ? resolved.filePaths : [resolved.filePath ?? ''];
  for (const file of files) {
    const [folder] = /^.*[\\/]node_modules[\\/](?:@[^\\/]+[\\/])?[^\\/]+(?=[\\/])/.exec(file) ?? [];
    if (folder) used.add(folder);
  }
  return resolved;
}
process.on('exit', () => {
  const list = process.env.WILLOW_PACKAGES;
  if (list) writeFileSync(list, JSON.stringify([...used].sort()));
});

module.exports = config;
