module.exports = function config(api) {
  const isTest = api.env('test');
  return {
    presets: ['babel-preset-expo'],
    // Jest cannot load a piece of code later: in tests it is loaded at once.
    plugins: isTest ? ['@babel/plugin-transform-dynamic-import'] : [],
  };
};
