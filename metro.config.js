const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

/**
 * Parts of packages that their index files drag in and nothing here calls. Zod: messages in some 45
 * languages (ours are in src/core/words/problems.ts), a writer of JSON Schema, a compiler. SVG: two parsers of
 * transforms given as text, and what reads whole drawings from text. The router: stacks, tabs and headers, for the
 * frame draws its own places in a Slot. React Native for the web: controls and lists of sections never drawn here.
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
  {
    from: /node_modules\/expo-router\/build\//,
    module:
      /\/(stack|layouts\/(Tabs|experimental-stack)|NativeStackView|BottomTabView|BottomTabBar|Header)$/,
  },
  {
    from: /node_modules\/react-native-web\/dist\/index\.js$/,
    module:
      /\/(Button|CheckBox|ImageBackground|KeyboardAvoidingView|LayoutAnimation|Picker|ProgressBar|RefreshControl|SectionList|Switch|TouchableHighlight|VirtualizedList)$/,
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
