const { getDefaultConfig } = require('expo/metro-config');

const escaped = __dirname.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const config = getDefaultConfig(__dirname);
config.resolver.assetExts.push('woff2');
// Tests stand beside what they test, and are no part of the application.
config.resolver.blockList = [/\.test\.tsx?$/, new RegExp(`^${escaped}/(dist|e2e|test-results)/`)];

module.exports = config;
