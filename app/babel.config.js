module.exports = function (api) {
  // Jest asks in the bundler's name, but as a test.
  const bundles = api.caller((caller) => caller?.name === 'metro') && !api.env('test');
  api.cache.using(() => `${bundles}`);
  return {
    presets: ['babel-preset-expo'],
    // Types are looked up, and tests run, by room.
    plugins: bundles ? ['./directImports.js'] : [],
  };
};
