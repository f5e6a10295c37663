const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

/**
 * Parts of packages that their index files drag in and nothing here calls. Zod: messages in some 45
 * languages (ours are in src/core/words/problems.ts), a writer of JSON Schema, a compiler. SVG: two parsers of
 * transforms given as text, and what reads whole drawings from text.
 */
const UNUSED = [
  {
    from: /node_modules\/zod\//,
    module:
      /\/(locales\/index|json-schema-processors|json-schema-generator|to-json-schema|compile)\.js$/,
  },
  {
    from: /node_modules\/react-native-svg\//,
    module: /\/(transform(ToRn)?|xml|fetchData|deprecated)$/,
  },
];

const resolve = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, moduleName, platform) => {
  const unused = UNUSED.some(
    (part) => part.from.test(context.originModulePath) && part.module.test(moduleName),
  );
  if (unused) return { type: 'empty' };
  return (resolve ?? context.resolveRequest)(context, moduleName, platform);
};

module.exports = config;
