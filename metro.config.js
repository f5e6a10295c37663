const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

// Zod brings its messages in some 45 languages; ours are in src/core/messages.ts. Its English is kept.
const resolve = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, moduleName, platform) => {
  const fromZod = /node_modules\/zod\//.test(context.originModulePath);
  if (fromZod && moduleName.endsWith('/locales/index.js')) return { type: 'empty' };
  return (resolve ?? context.resolveRequest)(context, moduleName, platform);
};

module.exports = config;
