// Runs before the app: makes of any address one that the app's router can take apart.
(() => {
  let path = location.pathname;
  try {
    decodeURIComponent(path);
  } catch {
    path = '/';
  }
  // Names that every object has: a value under one of them would stand where the router looks for a function.
  const query = new URLSearchParams(location.search);
  const spoilt = [...query.keys()].filter((name) => name in {});
  if (path === location.pathname && spoilt.length === 0) return;
  for (const name of spoilt) query.delete(name);
  const rest = query.toString();
  history.replaceState(null, '', path + (rest && `?${rest}`) + location.hash);
})();
