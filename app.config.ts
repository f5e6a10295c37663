import type { ExpoConfig } from 'expo/config';

const isBare = process.env.SPOKE_APP_ROOT !== undefined;

/**
 * One Expo project. `SPOKE_APP_ROOT` points the router at another folder of routes: the bench uses it
 * to build a bare app of the same stack, against which our weight and first paint are measured.
 */
const config: ExpoConfig = {
  name: 'Dapper Spoke',
  slug: 'dapper-spoke',
  scheme: 'dapper-spoke',
  version: '0.1.0',
  userInterfaceStyle: 'automatic',
  platforms: ['web'],
  web: { bundler: 'metro', output: 'single' },
  plugins: [
    [
      'expo-router',
      {
        root: process.env.SPOKE_APP_ROOT ?? 'app',
        asyncRoutes: { web: true, default: 'development' },
      },
    ],
  ],
  // Ours is app/+not-found.tsx, and there is no map of the site.
  extra: isBare ? {} : { router: { sitemap: false, notFound: false } },
  experiments: { typedRoutes: false },
};

export default config;
