// Runs before the app, where Field is asked for: the worker of the live picture, whose address the
// build fills in, starts while the app is still on its way, and exposes what Field opened with last
// (docs/decisions/054).
(() => {
  const { worker: address } = document.currentScript.dataset;
  const draws = 'transferControlToOffscreen' in HTMLCanvasElement.prototype;
  if (!address || !draws || location.pathname !== '/') return;
  let noted = null;
  try {
    // As the app notes it when it goes.
    noted = JSON.parse(localStorage.getItem('velmo-opening'));
  } catch {
    // Nothing that could be read.
  }
  // It looks through the device's own camera.
  if (noted && !noted.shot) return;
  const isAsNoted = noted?.width === innerWidth && noted?.height === innerHeight;
  const upright = isAsNoted ? noted.shot.upright : innerWidth < 900 && innerHeight >= innerWidth;
  // What a link asks for, the app knows.
  const guess = location.search === '' ? { ...noted?.shot, upright } : null;
  const canvas = document.createElement('canvas');
  const offscreen = canvas.transferControlToOffscreen();
  const worker = new Worker(address);
  worker.postMessage({ headStart: { canvas: offscreen, guess } }, [offscreen]);
  window.velmoLive = { worker, canvas };
  // In a window as it was, with a picture as it was, it lies where it lay; else the app lays it.
  if (guess && isAsNoted && noted.lay) {
    canvas.style.cssText = noted.lay;
    new MutationObserver((_, page) => {
      if (!document.body) return;
      page.disconnect();
      document.body.append(canvas);
    }).observe(document.documentElement, { childList: true });
  }
  // One whose script did not come is not handed on: the app starts another, and says it.
  worker.addEventListener('error', () => {
    canvas.remove();
    delete window.velmoLive;
  });
})();
