// In a page that is opened: tells the server how long after the navigation it showed what it is
// watched for: a word, or Field's live picture, and then what Field reads of it.
Object.defineProperty(navigator, 'serviceWorker', { value: undefined });
const { word } = document.currentScript.dataset;

function showsLivePicture() {
  const canvas = document.querySelector('body > canvas, [data-testid=window] canvas');
  if (!canvas) return false;
  const small = new OffscreenCanvas(8, 8).getContext('2d');
  small.drawImage(canvas, 0, 0, 8, 8);
  // Before anything is drawn every pixel is black.
  return small.getImageData(0, 0, 8, 8).data.some((value, i) => i % 4 < 3 && value > 0);
}

function showsReading() {
  const ladder = document.querySelector('[role=slider][aria-label=Ladder]');
  return ladder?.getAttribute('aria-valuetext')?.includes('clip') ?? false;
}

const showsWord = () => document.body?.innerText.includes(word);

const awaited = word ? [showsWord] : [showsLivePicture, showsReading];
const times = [];
function look() {
  while (times.length < awaited.length && awaited[times.length]()) times.push(performance.now());
  if (times.length === awaited.length) void fetch(`/?shown=${times.join('_')}`);
  else requestAnimationFrame(look);
}
look();
