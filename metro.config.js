const { getDefaultConfig } = require('expo/metro-config');

const escaped = __dirname.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const config = getDefaultConfig(__dirname);
config.resolver.assetExts.push('woff2');
// A module runs when it is first used, not when the page loads.
config.transformer.getTransformOptions = async () => ({
  transform: { experimentalImportSupport: false, inlineRequires: true },
});
// Tests stand beside what they test, and are no part of the application.
config.resolver.blockList = [/\.test\.tsx?$/, new RegExp(`^${escaped}/(dist|e2e|test-results)/`)];

// zod carries its messages in fifty languages; the application shows its own words instead.
const onlyEnglish = require.resolve('zod/v4/locales/en.js');
config.resolver.resolveRequest = (context, name, platform) =>
  /^(\.\.|\.)\/locales\/index\.c?js$/.test(name) && /[\\/]zod[\\/]/.test(context.originModulePath)
    ? { type: 'sourceFile', filePath: onlyEnglish }
    : context.resolveRequest(context, name, platform);

module.exports = config;
