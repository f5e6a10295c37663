/** In place of the switches of native screens, of which a browser has none. */
exports.initScreensFeatureFlags = () => {};
