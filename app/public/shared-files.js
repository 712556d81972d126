// Part of the service worker: what the system shares with the installed app is kept until the page
// has taken it. See app/src/frame/opening/handedFiles.ts.
self.addEventListener('fetch', (event) => {
  const { request } = event;
  if (request.method !== 'POST' || new URL(request.url).pathname !== '/shared') return;
  const keep = async () => {
    try {
      const cache = await caches.open('velmo-shared');
      const files = (await request.formData()).getAll('files');
      for (const [n, file] of files.entries()) {
        const headers = { 'x-name': encodeURIComponent(file.name), 'x-time': file.lastModified };
        await cache.put(`/shared/${Date.now()}-${n}`, new Response(file, { headers }));
      }
      return Response.redirect('/frames?handed=files', 303);
    } catch {
      return Response.redirect('/frames?handed=none', 303);
    }
  };
  event.respondWith(keep());
});
