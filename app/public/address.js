// Runs before the app: makes of any address one that the app's router can take apart.
(() => {
  let path = location.pathname;
  try {
    decodeURIComponent(path);
  } catch {
    path = '/';
  }
  // What pairs this device, or opens the computer's own page, is nobody else's: not the router's,
  // nor that of whoever reads the address or shares it.
  let hash = location.hash;
  const secret = /^#(pair|key)=([\w-]{8,64})$/.exec(hash);
  if (secret) {
    try {
      sessionStorage.setItem(secret[1] === 'pair' ? 'velmo-pair' : 'velmo-received', secret[2]);
    } catch {
      // Storage that is shut off: the page says that it is not paired.
    }
    hash = '';
  }
  // Names that every object has: a value under one of them would stand where the router looks for a
  // function.
  const query = new URLSearchParams(location.search);
  const spoilt = [...query.keys()].filter((name) => name in {});
  if (path === location.pathname && spoilt.length === 0 && hash === location.hash) return;
  for (const name of spoilt) query.delete(name);
  const rest = query.toString();
  history.replaceState(null, '', path + (rest && `?${rest}`) + hash);
})();
