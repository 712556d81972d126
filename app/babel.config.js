module.exports = function (api) {
  const bundles = api.caller((caller) => caller?.name === 'metro');
  api.cache.using(() => bundles);
  return {
    presets: ['babel-preset-expo'],
    // Types are looked up, and tests run, by room.
    plugins: bundles ? ['./directImports.js'] : [],
  };
};
