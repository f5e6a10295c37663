const os = require('node:os');
const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
// All cores: Metro leaves one free, and on a machine of two builds with one.
config.maxWorkers = os.availableParallelism();

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

/**
 * More of the same, for our app alone: the bare app the bench measures against keeps them, as any new app of this stack
 * would. The router: links, previews, tabs, a map of the site, pages for its own errors. React Native for the web:
 * animation, pictures, sheets and touchables, for ours are of View, Pressable and SVG. The charts: all but lines and bars.
 */
const UNUSED_HERE = [
  {
    // Redirects, which nothing here has, bring all of links and previews.
    from: /node_modules\/expo-router\/build\/getRoutesRedirects\.js$/,
    module: /\/link\/Link$/,
  },
  {
    from: /node_modules\/expo-router\/build\/react-navigation\/(core|native|routers)\/index\.js$/,
    module: /\/(StaticNavigation|createStaticNavigation|ServerContainer|DrawerRouter|TabRouter)$/,
  },
  {
    from: /node_modules\/react-native-chart-kit\/dist\/v2\/react-native\/index\.js$/,
    module: /\/charts\/(contribution|pie|progress)\//,
  },
  {
    from: /node_modules\/expo-router\/build\/(index|exports|ExpoRoot|getRoutes|layouts\/\w+|views\/\w+)\.js$/,
    module:
      /\/(link|color|Sitemap|useSitemap|ErrorBoundary|Unmatched|RootUnmatched|Toast|standard-navigation|stack-utils|NativeTabTrigger)$/,
  },
  {
    from: /node_modules\/react-native-web\/dist\/index\.js$/,
    module:
      /\/exports\/(ActivityIndicator|Alert|Animated|Clipboard|Easing|FlatList|Image|InputAccessoryView|Modal|SafeAreaView|Share|StatusBar|Touchable|TouchableNativeFeedback|TouchableOpacity|TouchableWithoutFeedback|Vibration|YellowBox)$/,
  },
];

/** What must be something, though little or nothing of it is used. */
const INSTEAD = [
  {
    from: /node_modules\/expo-router\/build\/layouts\/StackClient\.js$/,
    module: /\/createNativeStackNavigator$/,
    file: 'nativeStack.js',
  },
  {
    from: /node_modules\/expo-router\/build\/ExpoRoot\.js$/,
    module: /\/screensFeatureFlags$/,
    file: 'screens.js',
  },
  {
    from: /node_modules\/expo-router\/build\/qualified-entry\.js$/,
    module: /\/head$/,
    file: 'head.js',
  },
  {
    from: /node_modules\/expo-router\/entry-classic\.js$/,
    module: /\/renderRootComponent$/,
    file: 'renderRoot.js',
  },
  {
    from: /node_modules\/react-native-safe-area-context\/.*\/SafeAreaContext\.\w+$/,
    module: /\/NativeSafeAreaProvider$/,
    file: 'safeArea.js',
  },
];

const isBare = process.env.SPOKE_APP_ROOT !== undefined;
// A bare app is shortened as any new app of this stack is.
if (!isBare) {
  config.transformer.minifierPath = require.resolve('./scripts/shorten.cjs');
  // Metro would walk each module to shorten the names of its own that are in it; SWC shortens those as well.
  config.transformer.unstable_disableNormalizePseudoGlobals = true;
}
/** A bare app opens no logbook. */
const UNUSED_BARE = [{ from: /\/entry\.ts$/, module: /\/(readAhead|openHere)$/ }];
const unused = isBare ? [...UNUSED, ...UNUSED_BARE] : [...UNUSED, ...UNUSED_HERE];
const instead = isBare ? [] : INSTEAD;

const resolve = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, moduleName, platform) => {
  const isOf = (part) => part.from.test(context.originModulePath) && part.module.test(moduleName);
  if (unused.some(isOf)) return { type: 'empty' };
  const ours = instead.find(isOf);
  if (ours)
    return { type: 'sourceFile', filePath: path.join(__dirname, 'scripts/lean', ours.file) };
  return (resolve ?? context.resolveRequest)(context, moduleName, platform);
};

module.exports = config;
